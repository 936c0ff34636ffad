import type { Request, Response } from 'express';
import { isUuid } from './uuid';
import { REQUEST_ID_HEADER } from '@omniarton/contracts';
import { InvalidError, PreconditionRequiredError } from './errors';

/** What a write expects of the stored version: nothing there yet, or exactly this one. */
export type Expectation = { readonly kind: 'new' } | { readonly kind: 'version'; readonly version: number };

/** Reads `If-None-Match: *` or `If-Match: "n"`; a write must carry one of them. */
export function expectationOf(req: Request): Expectation {
  if (req.headers['if-none-match'] === '*') return { kind: 'new' };
  const match = /^"(\d{1,9})"$/.exec(req.headers['if-match'] ?? '');
  if (match) return { kind: 'version', version: Number(match[1]) };
  throw new PreconditionRequiredError(
    'Say which version this replaces: If-Match: "n", or If-None-Match: * for a new one.',
  );
}

/** The version that a removal takes away; a removal must name it. */
export function versionOf(req: Request): number {
  const expected = expectationOf(req);
  if (expected.kind === 'version') return expected.version;
  throw new PreconditionRequiredError('Say which version this removes: If-Match: "n".');
}

export function answerVersion(res: Response, version: number): void {
  res.setHeader('ETag', `"${version}"`);
  res.setHeader('Cache-Control', 'no-store');
}

/** The id by which a repeated write is known; undefined when the client sent none. */
export function requestIdOf(req: Request): string | undefined {
  const id = req.get(REQUEST_ID_HEADER);
  if (id !== undefined && !isUuid(id)) throw new InvalidError(`${REQUEST_ID_HEADER} must be a UUID.`);
  return id;
}
