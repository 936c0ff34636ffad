import {
  generateRegistrationOptions,
  verifyRegistrationResponse,
  type PublicKeyCredentialCreationOptionsJSON,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server';
import { v7 as newId } from 'uuid';
import type { NewPasskeyDto, PasskeysAnswer } from '@omniarton/contracts';
import type { DeviceStores } from '../devices/stores';
import { NotFoundError } from '../http/errors';
import type { Caller } from '../http/scope';
import type { House } from './house';
import type { PasskeyStore } from './passkeyStore';
import { verified } from './verified';

/** Passkeys of people, made on a device that is in. */
export function passkeyService(passkeys: PasskeyStore, { members }: Pick<DeviceStores, 'members'>) {
  return {
    async list({ personId }: Caller): Promise<PasskeysAnswer> {
      const own = await passkeys.list(personId);
      return {
        passkeys: own.map(({ id, name, made, used, rp }) => ({
          ...{ id, name, host: rp },
          made: made.toISOString(),
          used: used?.toISOString() ?? null,
        })),
      };
    },

    async begin({ personId }: Caller, house: House): Promise<PublicKeyCredentialCreationOptionsJSON> {
      const [person, own] = await Promise.all([members.person(personId), passkeys.list(personId)]);
      const options = await generateRegistrationOptions({
        ...{ rpName: 'Omniarton', rpID: house.rp, attestationType: 'none' },
        userName: person?.name || 'somebody of this kitchen',
        userID: new TextEncoder().encode(personId),
        authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
        excludeCredentials: own.filter(({ rp }) => rp === house.rp).map(({ credential: id }) => ({ id })),
      });
      await passkeys.ask(options.challenge, house.rp, personId);
      return options;
    },

    async make({ personId }: Caller, house: House, { name, response }: NewPasskeyDto): Promise<void> {
      const { registrationInfo } = await verified(() =>
        verifyRegistrationResponse({
          response: response as RegistrationResponseJSON,
          expectedChallenge: (challenge) => passkeys.answered(challenge, house.rp, personId),
          ...{ expectedOrigin: house.origin, expectedRPID: house.rp, requireUserVerification: true },
        }),
      );
      const { id, publicKey, counter } = registrationInfo!.credential;
      await passkeys.add({
        ...{ id: newId(), personId, rp: house.rp, name: name.trim() },
        ...{ credential: id, publicKey, counter },
      });
    },

    async remove({ personId }: Caller, id: string): Promise<void> {
      if (!(await passkeys.remove(personId, id)))
        throw new NotFoundError('That passkey isn’t kept any more.');
    },

    /** Forgets what was asked and never answered. */
    purge: () => passkeys.purge(),
  };
}
