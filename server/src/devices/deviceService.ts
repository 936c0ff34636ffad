import type { MeAnswer, PassphraseDto } from '@omniarton/contracts';
import { InvalidError, SignedOutError } from '../http/errors';
import type { Caller } from '../http/scope';
import { digestOf, newToken, sealed } from './secrets';
import type { DeviceStores } from './stores';

/** Who asks, by their device's secret or from the machine itself. */
export const deviceService = (
  { codes, devices, members, tries }: DeviceStores,
  localPerson: () => Promise<string>,
) => ({
  async local(): Promise<Caller> {
    return { personId: await localPerson(), deviceId: null };
  },

  /** Who a device's secret is of; a day-old secret is given a new one. */
  async callerBy(token: string): Promise<{ readonly caller: Caller; readonly renewed: string | null }> {
    const digest = digestOf(token);
    const known = await devices.byToken(digest);
    if (!known) throw new SignedOutError('This device isn’t signed in here any more.');
    const caller: Caller = { personId: known.personId, deviceId: known.id };
    if (!known.stale) {
      if (known.unnoted) await devices.noted(known.id);
      return { caller, renewed: null };
    }
    const renewed = newToken();
    const rotated = await devices.rotate(known.id, digest, digestOf(renewed));
    return { caller, renewed: rotated ? renewed : null };
  },

  async me({ personId, deviceId }: Caller): Promise<MeAnswer> {
    const person = await members.person(personId);
    return { person: personId, name: person?.name ?? '', device: deviceId };
  },

  async signOut({ deviceId }: Caller): Promise<void> {
    if (deviceId) await devices.revoke(deviceId);
  },

  async setPassphrase({ personId }: Caller, { name, passphrase }: PassphraseDto): Promise<void> {
    const other = await members.byName(name.trim());
    if (other && other.id !== personId)
      throw new InvalidError('Somebody signs in by that name already: choose another.');
    await members.setPassphrase(personId, name.trim(), await sealed(passphrase));
  },

  /** Forgets codes, devices and tries whose time is over. */
  async purge(): Promise<void> {
    await codes.purge();
    await devices.purge();
    await tries.purge();
  },
});
