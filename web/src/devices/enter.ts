import type { Failure } from '../api/http';
import { failureWords } from '../api/words';

/** Once a device is in everything is asked anew. */
export const enter = (done: Promise<unknown>): void =>
  void done.then(() => window.location.assign('/')).catch(() => undefined);

/** What is wrong with a code, a passphrase or a passkey the server says in one sentence; of all else the page has its own words. */
export function troubleOf(error: unknown): string | null {
  if (!error) return null;
  const failure = error as Failure;
  return failure.code === 'invalid' || failure.code === 'too-many-requests'
    ? failure.message
    : failureWords(failure);
}
