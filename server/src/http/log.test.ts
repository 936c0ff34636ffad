import express from 'express';
import { pinoHttp } from 'pino-http';
import request from 'supertest';
import { answerErrors } from './errors';
import { makeLogger } from './log';

describe('the log', () => {
  it('names what failed, and no secret of who asked', async () => {
    const lines: string[] = [];
    const logger = makeLogger('error', { write: (line: string) => void lines.push(line) });
    const app = express();
    app.use(pinoHttp({ logger, autoLogging: false }));
    app.get('/broken', () => {
      throw new Error('broken on purpose');
    });
    app.use(answerErrors);
    await request(app)
      .get('/broken')
      .set({ cookie: 'omniarton-device=a-secret', authorization: 'Bearer another-secret' })
      .expect(500);
    expect(lines.join('')).toMatch(/broken on purpose/);
    expect(lines.join('')).toMatch(/\/broken/);
    expect(lines.join('')).not.toMatch(/secret/);
  });
});
