import { v7 as newId } from 'uuid';
import { TooManyRequestsError } from '../http/errors';
import { digestOf, newToken } from './secrets';
import type { DeviceStores } from './stores';

/** Wrong codes, passphrases and passkeys in ten minutes: from one address, and from all of them. */
const MOST_TRIES = 10;
const MOST_TRIES_OF_ALL = 200;
const FROM_ALL = 'all';

/** Counts who tries the door, whichever way in. */
export const triesAt = ({ tries }: Pick<DeviceStores, 'tries'>) => ({
  async count(address: string): Promise<void> {
    const [own, all] = [await tries.count(address), await tries.count(FROM_ALL)];
    if (own > MOST_TRIES || all > MOST_TRIES_OF_ALL)
      throw new TooManyRequestsError('Too many tries went wrong. Wait for ten minutes.');
  },
  forgive: (address: string) => tries.forgive(address),
});
export type Tries = ReturnType<typeof triesAt>;

/** A device is in: its secret, of which the digest alone is kept. */
export async function letInOn(
  { devices }: Pick<DeviceStores, 'devices'>,
  personId: string,
  called: string,
): Promise<string> {
  const token = newToken();
  await devices.add(newId(), personId, called.trim() || 'a device', digestOf(token));
  return token;
}
