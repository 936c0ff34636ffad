import { randomBytes } from 'node:crypto';
import type { Request, RequestHandler, Response } from 'express';
import helmet from 'helmet';
import { APP_HEADER } from '@omniarton/contracts';
import { CrossSiteError, MediaTypeError, UnknownHostError } from './errors';

/** Answers only to its own names, so that no other site's name can be pointed at it; localhost moves to the one address. */
export function allowHosts(host: string, port: () => number, lan: () => readonly string[]): RequestHandler {
  return (req, res, next) => {
    const own = `${host}:${port()}`;
    const named = req.headers.host;
    if (named === own || (named !== undefined && lan().includes(named))) return next();
    if (req.headers.host === `localhost:${port()}` && (req.method === 'GET' || req.method === 'HEAD')) {
      return res.redirect(308, `http://${own}${req.originalUrl}`);
    }
    next(new UnknownHostError(`This server answers to ${own}.`));
  };
}

/** The one kind of address that takes anything but JSON. */
const PICTURE = /^\/households\/[^/]+\/bakes\/[^/]+\/photos\/[^/]+$/;

/** Whatever changes something must come from our own page, as JSON. */
export const sameSiteWrites: RequestHandler = (req, _res, next) => {
  if (req.method === 'GET' || req.method === 'HEAD') return next();
  const site = req.headers['sec-fetch-site'];
  // Behind a proxy that speaks https it is the same page.
  const ownOrigin = ['http', 'https'].some(
    (scheme) => req.headers.origin === `${scheme}://${req.headers.host}`,
  );
  const sameOrigin =
    site === 'same-origin' ? req.headers.origin === undefined || ownOrigin : site === undefined && ownOrigin;
  if (!sameOrigin || !req.headers[APP_HEADER])
    return next(new CrossSiteError('Only the page itself may do that.'));
  const hasBody =
    req.headers['transfer-encoding'] !== undefined || Number(req.headers['content-length'] ?? 0) > 0;
  const picture = PICTURE.test(req.path) && req.is(['image/jpeg', 'image/webp']);
  if (hasBody && !picture && !req.is('application/json'))
    return next(new MediaTypeError('Only JSON is taken, and JPEG or WebP where a picture is wanted.'));
  next();
};

export const nonceOf = (res: Response): string => (res.locals as { nonce: string }).nonce;

export const giveNonce: RequestHandler = (_req, res, next) => {
  (res.locals as { nonce: string }).nonce = randomBytes(16).toString('base64');
  next();
};

/** No HSTS and no upgrade to https: it is served in plain http on loopback. */
export const headers = helmet({
  strictTransportSecurity: false,
  crossOriginEmbedderPolicy: false,
  referrerPolicy: { policy: 'no-referrer' },
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'"],
      workerSrc: ["'self'"],
      styleSrc: ["'self'", (_req: unknown, res: unknown) => `'nonce-${nonceOf(res as Response)}'`],
      imgSrc: ["'self'", 'data:', 'blob:'],
      fontSrc: ["'self'"],
      connectSrc: ["'self'"],
      objectSrc: ["'none'"],
      baseUri: ["'none'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
});

export const parameter = (req: Request, name: string): string => {
  const value = req.params[name];
  return typeof value === 'string' ? value : '';
};
