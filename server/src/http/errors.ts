import { isAway, saidBy } from '../db/away';
import type { ErrorRequestHandler } from 'express';
import type { ErrorAnswer, ErrorCode } from '@omniarton/contracts';
import { UnreadableDocumentError } from '@omniarton/core/kitchen';

/** An error that a client may see: it owns its status, its code, and words that say what to do next. */
export abstract class HttpError extends Error {
  abstract readonly status: number;
  abstract readonly code: ErrorCode;
  readonly details?: unknown;
  constructor(message: string, details?: unknown) {
    super(message);
    this.details = details;
  }
}

export class InvalidError extends HttpError {
  readonly status = 400;
  readonly code = 'invalid';
}
class BadJsonError extends HttpError {
  readonly status = 400;
  readonly code = 'bad-json';
}
export class CrossSiteError extends HttpError {
  readonly status = 403;
  readonly code = 'cross-site';
}
/** Nobody who is known here. */
export class SignedOutError extends HttpError {
  readonly status = 401;
  readonly code = 'signed-out';
}
export class NotAllowedError extends HttpError {
  readonly status = 403;
  readonly code = 'not-allowed';
}
export class NotFoundError extends HttpError {
  readonly status = 404;
  readonly code = 'not-found';
}
/** Somebody else has saved in between: the details hold what is stored now. */
export class ConflictError extends HttpError {
  readonly status = 412;
  readonly code = 'conflict';
}
class BodyTooLargeError extends HttpError {
  readonly status = 413;
  readonly code = 'body-too-large';
}
export class MediaTypeError extends HttpError {
  readonly status = 415;
  readonly code = 'unsupported-media-type';
}
export class UnknownHostError extends HttpError {
  readonly status = 421;
  readonly code = 'unknown-host';
}
export class PreconditionRequiredError extends HttpError {
  readonly status = 428;
  readonly code = 'precondition-required';
}
export class TooManyRequestsError extends HttpError {
  readonly status = 429;
  readonly code = 'too-many-requests';
}
class DatabaseDownError extends HttpError {
  readonly status = 503;
  readonly code = 'database-down';
}
/** It took too long, or all connections are in use: the same again in a moment may go through. */
class BusyError extends HttpError {
  readonly status = 503;
  readonly code = 'busy';
}
class DiskFullError extends HttpError {
  readonly status = 507;
  readonly code = 'disk-full';
}
/** What is stored was written by a newer program. */
class UnreadableError extends HttpError {
  readonly status = 409;
  readonly code = 'unreadable';
}
class UnexpectedError extends HttpError {
  readonly status = 500;
  readonly code = 'unexpected';
}

/** A statement that took too long or was cancelled, locks that weren't had, no memory, no connection left. */
const BUSY =
  /Timeout acquiring a connection|KnexTimeoutError|\b57014\b|\b55P03\b|\b40P01\b|\b40001\b|\b53[2-4]00\b|timeout exceeded/;
/** No room, or nothing may be written where the data lie. */
const FULL = /\b53100\b|\bENOSPC\b|\bEROFS\b|\b58030\b|\b25006\b|No space left|Read-only file system/;
/** A value that a column can't hold: the edge should have seen it. */
const BAD_DATA = /^22[0-9A-Z]{3}$/;

const UNREAD_BODY =
  /^(?:entity\.parse\.failed|encoding\.unsupported|charset\.unsupported|request\.(?:aborted|size\.invalid)|stream\.)/;
/** What the reader of bodies throws of a body that isn't what its headers say: gzip that isn't. */
const isBadBody = (error: unknown): boolean => {
  const { status, expose } = (error ?? {}) as { status?: unknown; expose?: unknown };
  return status === 400 && expose === true;
};

function toHttpError(error: unknown): HttpError {
  if (error instanceof HttpError) return error;
  const { type, code } = (error ?? {}) as Record<string, unknown>;
  if (type === 'entity.too.large') return new BodyTooLargeError('That is too much at once: 512 kB at most.');
  if (UNREAD_BODY.test(String(type)) || /^Z_/.test(String(code)) || isBadBody(error)) {
    return new BadJsonError('The body is no JSON that can be read.');
  }
  if (error instanceof UnreadableDocumentError) return new UnreadableError(error.message);
  if (error instanceof URIError) return new NotFoundError('There is no such address.');
  const said = saidBy(error);
  if (FULL.test(said))
    return new DiskFullError(
      'There is no room left where the data lie. Make room, and keep the page open: it sends again by itself.',
    );
  if (BUSY.test(said))
    return new BusyError('That took too long. Keep the page open: it sends again by itself.');
  if (BAD_DATA.test(String(code))) return new InvalidError('Something in that can’t be stored as it is.');
  if (isAway(error)) {
    return new DatabaseDownError(
      'The database does not answer. Keep the page open: it sends again by itself.',
    );
  }
  return new UnexpectedError('Something went wrong here. It has been noted; nothing you typed is lost.');
}

/** The one place where an error becomes an answer. Causes go to the log, never to the client. */
export const answerErrors: ErrorRequestHandler = (error, req, res, next) => {
  const known = toHttpError(error);
  if (known.status >= 500) req.log?.error({ err: error as Error }, known.code);
  if (res.headersSent) return next(error);
  const answer: ErrorAnswer = {
    code: known.code,
    message: known.message,
    ...(known.details === undefined ? {} : { details: known.details }),
  };
  res.status(known.status).json(answer);
};
