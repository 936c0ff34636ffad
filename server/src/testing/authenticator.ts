import { createHash, generateKeyPairSync, randomBytes, sign } from 'node:crypto';
import { isoCBOR } from '@simplewebauthn/server/helpers';

const PRESENT_AND_VERIFIED = 0x05;
const WITH_KEY = 0x40;

const sha256 = (data: string | Uint8Array) => createHash('sha256').update(data).digest();
const inBase64 = (data: Uint8Array | string) => Buffer.from(data).toString('base64url');
const bigEndian = (value: number, bytes: number): Buffer => {
  const all = Buffer.alloc(bytes);
  all.writeUIntBE(value, 0, bytes);
  return all;
};

/** What a device signs with, in the bytes of Web Authentication Level 2, sections 6.1 and 6.5: a P-256 key, no attestation. */
export function authenticator(rp: string, origin: string) {
  const { privateKey, publicKey } = generateKeyPairSync('ec', { namedCurve: 'P-256' });
  const { x = '', y = '' } = publicKey.export({ format: 'jwk' });
  const credential = randomBytes(16);
  const id = inBase64(credential);
  let counter = 0;
  const clientData = (type: string, challenge: string) =>
    Buffer.from(JSON.stringify({ type, challenge, origin, crossOrigin: false }));
  const authData = (flags: number, rest = Buffer.alloc(0)) =>
    Buffer.concat([sha256(rp), Buffer.of(flags), bigEndian(counter, 4), rest]);
  const answer = (response: Readonly<Record<string, string>>) => ({
    ...{ id, rawId: id, type: 'public-key', clientExtensionResults: {}, response },
  });
  return {
    make(challenge: string) {
      const key = isoCBOR.encode(
        new Map<number, number | Uint8Array>([
          [1, 2],
          [3, -7],
          [-1, 1],
          [-2, Uint8Array.from(Buffer.from(x, 'base64url'))],
          [-3, Uint8Array.from(Buffer.from(y, 'base64url'))],
        ]),
      );
      const held = Buffer.concat([Buffer.alloc(16), bigEndian(credential.length, 2), credential, key]);
      const attested = isoCBOR.encode(
        new Map<string, string | Map<string, string> | Uint8Array>([
          ['fmt', 'none'],
          ['attStmt', new Map<string, string>()],
          ['authData', Uint8Array.from(authData(PRESENT_AND_VERIFIED | WITH_KEY, held))],
        ]),
      );
      return answer({
        clientDataJSON: inBase64(clientData('webauthn.create', challenge)),
        attestationObject: inBase64(attested),
      });
    },
    show(challenge: string, counted = counter + 1) {
      counter = counted;
      const said = clientData('webauthn.get', challenge);
      const data = authData(PRESENT_AND_VERIFIED);
      return answer({
        clientDataJSON: inBase64(said),
        authenticatorData: inBase64(data),
        signature: inBase64(sign('sha256', Buffer.concat([data, sha256(said)]), privateKey)),
      });
    },
  };
}
