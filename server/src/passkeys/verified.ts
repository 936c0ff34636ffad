import { InvalidError } from '../http/errors';

export const REFUSED = 'That passkey wasn’t taken. Try it once more; if it goes on, get in by a code.';

/** What the library makes of an answer; whatever is wrong with it is one sentence to whoever sent it. */
export async function verified<T extends { readonly verified: boolean }>(work: () => Promise<T>): Promise<T> {
  const done = await work().catch(() => null);
  if (!done?.verified) throw new InvalidError(REFUSED);
  return done;
}
