import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import express, { type Express } from 'express';
import { NotFoundError } from './errors';
import { nonceOf } from './security';

const YEAR_SECONDS = 31_536_000;
const NONCE_MARK = /__NONCE__/g;

/** The page: hashed assets for good, the one document fresh each time with its nonce. */
export function servePage(app: Express, folder: string): void {
  const document = readFileSync(join(folder, 'index.html'), 'utf8');
  app.use(
    '/assets',
    express.static(join(folder, 'assets'), { maxAge: YEAR_SECONDS * 1000, immutable: true, index: false }),
  );
  app.use('/assets', (_req, _res, next) => next(new NotFoundError('There is no such file.')));
  app.get(['/favicon.svg'], (_req, res) => res.sendFile(join(folder, 'favicon.svg')));
  // A browser asks for it again at each visit: what is kept at hand is never older than a day.
  app.get('/sw.js', (_req, res) => {
    res.setHeader('Cache-Control', 'no-cache');
    res.sendFile(join(folder, 'sw.js'));
  });
  app.get('/{*rest}', (_req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.type('html').send(document.replace(NONCE_MARK, nonceOf(res)));
  });
}
