import { createHash, randomBytes, randomInt, scrypt, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';

/** Letters and digits that nobody takes for one another. */
const ALPHABET = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';
const CODE_CHARS = 8;
const RECOVERY_CHARS = 20;
const TOKEN_BYTES = 32;

/** A secret of a device, for its cookie. */
export const newToken = (): string => randomBytes(TOKEN_BYTES).toString('base64url');

const characters = (length: number): string =>
  Array.from({ length }, () => ALPHABET[randomInt(ALPHABET.length)]).join('');

/** A code to be typed: eight characters out of 31, some 40 bits, for ten minutes and a few tries. */
export const newCode = (): string => characters(CODE_CHARS);

/** A code to be kept on paper: twenty characters, some 99 bits, since it lasts. */
export const newRecovery = (): string => characters(RECOVERY_CHARS);

/** A code as it was typed: in small letters, with spaces or strokes. */
export const plainCode = (typed: string): string => typed.toUpperCase().replace(/[\s-]/g, '');

/** What is kept of a secret that is random itself. */
export const digestOf = (secret: string): Buffer => createHash('sha256').update(secret).digest();

const derive = promisify<string, Buffer, number, { N: number; r: number; p: number; maxmem: number }, Buffer>(
  scrypt,
);
const SALT_BYTES = 16;
const KEY_BYTES = 32;
/** N = 2¹⁴, r = 8, p = 5: one of the costs that OWASP's Password Storage Cheat Sheet names for scrypt (from memory); 16 MB a try. */
const COST = { N: 2 ** 14, r: 8, p: 5, maxmem: 64 * 2 ** 20 };

/** What is kept of a passphrase: its salt and what scrypt makes of both. */
export async function sealed(passphrase: string): Promise<string> {
  const salt = randomBytes(SALT_BYTES);
  const key = await derive(passphrase.normalize('NFKC'), salt, KEY_BYTES, COST);
  return `${salt.toString('base64')}.${key.toString('base64')}`;
}

/** Whether a passphrase is the one that was sealed. Of nobody's it takes as long to say no. */
export async function opens(seal: string | null, passphrase: string): Promise<boolean> {
  const [salt = '', key = ''] = seal?.split('.') ?? [];
  const made = await derive(
    passphrase.normalize('NFKC'),
    salt ? Buffer.from(salt, 'base64') : Buffer.alloc(SALT_BYTES),
    KEY_BYTES,
    COST,
  );
  const kept = Buffer.from(key, 'base64');
  return kept.length === made.length && timingSafeEqual(kept, made);
}
