import type { ErrorRequestHandler } from 'express';
import type { ErrorAnswer, ErrorCode } from '@omniarton/contracts';

/** An error that a client may see: it owns its status, its code, and words that say what to do next. */
abstract class HttpError extends Error {
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
class UnexpectedError extends HttpError {
  readonly status = 500;
  readonly code = 'unexpected';
}

/** What a driver or the pool says when the database can't be reached, or is just going away. */
const DOWN =
  /ECONNREFUSED|ECONNRESET|EPIPE|ETIMEDOUT|Connection terminated|Timeout acquiring a connection|57P0\d|53300|08\w{3}/;

function toHttpError(error: unknown): HttpError {
  if (error instanceof HttpError) return error;
  const { type, code, message, name, errors } = (error ?? {}) as Record<string, unknown>;
  if (type === 'entity.too.large') return new BodyTooLargeError('That is too much at once: 512 kB at most.');
  if (type === 'entity.parse.failed' || type === 'encoding.unsupported' || type === 'charset.unsupported') {
    return new BadJsonError('The body is no JSON that can be read.');
  }
  if (error instanceof URIError) return new NotFoundError('There is no such address.');
  const nested = Array.isArray(errors)
    ? errors.map((one) => String((one as { code?: string }).code)).join(' ')
    : '';
  if (DOWN.test([name, code, message, nested].map(String).join(' '))) {
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
