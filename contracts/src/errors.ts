/** Every error code the server answers with. The page turns each into words; nothing else is ever sent. */
export const ERROR_CODES = [
  'bad-json',
  'body-too-large',
  'conflict',
  'cross-site',
  'busy',
  'database-down',
  'disk-full',
  'invalid',
  'not-allowed',
  'not-found',
  'precondition-required',
  'signed-out',
  'too-many-requests',
  'unexpected',
  'unknown-host',
  'unreadable',
  'unsupported-media-type',
] as const;

export type ErrorCode = (typeof ERROR_CODES)[number];

/** The body of every answer that isn't a success. */
export interface ErrorAnswer {
  readonly code: ErrorCode;
  readonly message: string;
  readonly details?: unknown;
}
