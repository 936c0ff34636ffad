import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import express, { type Express, type Request } from 'express';
import type { AsksFirstPage } from '../firstPage/asksFirstPage';
import { AFTER_PAINT, writerOf } from '../firstPage/writer';
import { NotFoundError } from './errors';
import { nonceOf } from './security';

const YEAR_SECONDS = 31_536_000;
const NONCE_MARK = /__NONCE__/g;

/** The marks of a document's head give way to its nonce: what people wrote stands in its body, and stays. */
function withNonce(html: string, nonce: string): string {
  const body = html.indexOf('<body');
  return html.slice(0, body).replace(NONCE_MARK, nonce) + html.slice(body);
}

/** A page that is opened, and not fetched to be kept: where no browser says so it is opened. */
const isOpened = (req: Request): boolean => {
  const mode = req.headers['sec-fetch-mode'];
  return req.originalUrl === '/' && (mode === undefined || mode === 'navigate');
};

/** The page: hashed assets for good, the one document fresh each time with its nonce, its first look written into it. */
export function servePage(app: Express, folder: string, first: AsksFirstPage): void {
  const document = readFileSync(join(folder, 'index.html'), 'utf8');
  const write = writerOf(folder, document);
  app.use(
    '/assets',
    express.static(join(folder, 'assets'), { maxAge: YEAR_SECONDS * 1000, immutable: true, index: false }),
  );
  app.use('/assets', (_req, _res, next) => next(new NotFoundError('There is no such file.')));
  for (const name of ['/favicon.svg', AFTER_PAINT])
    app.get(name, (_req, res) => res.sendFile(join(folder, name)));
  // A browser asks for it again at each visit: what is kept at hand is never older than a day.
  app.get('/sw.js', (_req, res) => {
    res.setHeader('Cache-Control', 'no-cache');
    res.sendFile(join(folder, 'sw.js'));
  });
  app.get('/{*rest}', async (req, res) => {
    const from = write && isOpened(req) ? await first(req, res) : null;
    const written =
      write && from
        ? await write(from).catch((error: unknown) => {
            req.log.warn({ err: error }, 'the first page could not be written');
            return null;
          })
        : null;
    res.setHeader('Cache-Control', 'no-store');
    res.type('html').send(withNonce(written ?? document, nonceOf(res)));
  });
}
