import { APP_HEADER, type ErrorAnswer, type ErrorCode } from '@omniarton/contracts/paths-and-errors';

/** What went wrong with a request, as data: the code of the server, or that nobody answered. */
export interface Failure {
  readonly code: ErrorCode | 'offline';
  readonly message: string;
  readonly details?: unknown;
}

export type Reply<T> =
  { readonly ok: true; readonly data: T } | { readonly ok: false; readonly failure: Failure };

const OFFLINE: Failure = { code: 'offline', message: 'The server does not answer.' };

export interface Sending {
  readonly method?: 'GET' | 'PUT' | 'POST' | 'DELETE';
  readonly body?: unknown;
  readonly headers?: Readonly<Record<string, string>>;
}

/** Told to the whole page: this device isn't in. What is typed stays where it is. */
export const SIGNED_OUT = 'omniarton-signed-out';

/** One request to our own server. Never throws. */
export async function request<T>(
  path: string,
  { method = 'GET', body, headers = {} }: Sending = {},
): Promise<Reply<T>> {
  // A picture goes as it is, all else as JSON.
  const raw = body instanceof Blob;
  try {
    const response = await fetch(path, {
      method,
      headers: {
        [APP_HEADER]: '1',
        ...(body === undefined ? {} : { 'content-type': raw ? body.type : 'application/json' }),
        ...headers,
      },
      ...(body === undefined ? {} : { body: raw ? body : JSON.stringify(body) }),
    });
    const data: unknown = response.status === 204 ? null : await response.json();
    if (response.ok) return { ok: true, data: data as T };
    const answer = data as Partial<ErrorAnswer>;
    if (answer.code === 'signed-out') window.dispatchEvent(new Event(SIGNED_OUT));
    return {
      ok: false,
      failure: {
        code: answer.code ?? 'unexpected',
        message: answer.message ?? response.statusText,
        details: answer.details,
      },
    };
  } catch {
    return { ok: false, failure: OFFLINE };
  }
}

const AWAY: ReadonlySet<Failure['code']> = new Set([
  'offline',
  'busy',
  'database-down',
  'disk-full',
  'too-many-requests',
]);

/** The server, its database or its disk can't take it now: worth trying again by itself. */
export const isAway = ({ code }: Failure): boolean => AWAY.has(code);
