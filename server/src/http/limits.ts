import express, { type RequestHandler } from 'express';
import { rateLimit } from 'express-rate-limit';
import { EVERYTHING_BYTES, LIMITS } from '@omniarton/contracts';
import { InvalidError, TooManyRequestsError } from './errors';

const POISON = new Set(['__proto__', 'constructor', 'prototype']);
/** Writes a minute and client; a page that saves on every edit sends about sixty. */
const WRITES_PER_MINUTE = 600;

/** PostgreSQL's text takes neither NUL nor half of a surrogate pair. */
function clean(key: string, value: unknown): unknown {
  if (POISON.has(key)) return undefined;
  return typeof value === 'string' ? value.toWellFormed().replaceAll('\0', '\u{FFFD}') : value;
}

const bodies = (limit: number) => express.json({ limit, strict: true, reviver: clean });
const small = bodies(LIMITS.bodyBytes);
const large = bodies(EVERYTHING_BYTES);
/** The one address that takes a large body: a household's own file of everything. */
const EVERYTHING = /^\/households\/[^/]+\/everything$/;

export const json: RequestHandler = (req, res, next) =>
  (EVERYTHING.test(req.path) ? large : small)(req, res, next);

function depthOf(value: unknown, room: number): boolean {
  if (typeof value !== 'object' || value === null) return true;
  return room > 0 && Object.values(value).every((child) => depthOf(child, room - 1));
}

export const limitDepth: RequestHandler = (req, _res, next) => {
  if (depthOf(req.body, LIMITS.depth)) return next();
  next(new InvalidError(`The body is nested deeper than ${LIMITS.depth} levels.`));
};

export const limitWrites = () =>
  rateLimit({
    windowMs: 60_000,
    limit: WRITES_PER_MINUTE,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    // What a proxy says that isn't believed is passed over on purpose.
    validate: { xForwardedForHeader: false },
    skip: (req) => req.method === 'GET' || req.method === 'HEAD',
    handler: (_req, _res, next) =>
      next(new TooManyRequestsError('Too many saves in a minute. Wait a little.')),
  });
