import {
  generateAuthenticationOptions,
  verifyAuthenticationResponse,
  type AuthenticationResponseJSON,
  type PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/server';
import type { PasskeySignInDto } from '@omniarton/contracts';
import type { LetIn } from '../devices/doorService';
import { letInOn, type Tries } from '../devices/letIn';
import type { DeviceStores } from '../devices/stores';
import { InvalidError } from '../http/errors';
import type { House } from './house';
import type { PasskeyStore } from './passkeyStore';
import { REFUSED, verified } from './verified';

const UNKNOWN = 'Nobody here has that passkey. Get in by a code or a passphrase, and make one.';

/** A way in for the devices that share a passkey. */
export const passkeyDoor = (
  passkeys: PasskeyStore,
  devices: Pick<DeviceStores, 'devices'>,
  tries: Tries,
) => ({
  async begin(house: House, address: string): Promise<PublicKeyCredentialRequestOptionsJSON> {
    await tries.count(address);
    const options = await generateAuthenticationOptions({
      ...{ rpID: house.rp, userVerification: 'required' },
    });
    await passkeys.ask(options.challenge, house.rp, null);
    return options;
  },

  async pass(house: House, { device, response }: PasskeySignInDto, address: string): Promise<LetIn> {
    await tries.count(address);
    const answer = response as AuthenticationResponseJSON;
    const key = typeof answer.id === 'string' ? await passkeys.byCredential(answer.id, house.rp) : undefined;
    if (!key) throw new InvalidError(UNKNOWN);
    const { authenticationInfo } = await verified(() =>
      verifyAuthenticationResponse({
        response: answer,
        expectedChallenge: (challenge) => passkeys.answered(challenge, house.rp, null),
        ...{ expectedOrigin: house.origin, expectedRPID: house.rp, requireUserVerification: true },
        credential: { id: key.credential, publicKey: key.publicKey, counter: key.counter },
      }),
    );
    // Of two answers with one count the second is a copy.
    if (!(await passkeys.used(key.id, authenticationInfo.newCounter))) throw new InvalidError(REFUSED);
    await tries.forgive(address);
    return { token: await letInOn(devices, key.personId, device), personId: key.personId };
  },
});
