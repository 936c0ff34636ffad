import { createReadStream, createWriteStream, openSync, readSync, closeSync } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { Decrypter, Encrypter } from 'age-encryption';
import { Trouble } from './say.mjs';

const MAGIC = 'age-encryption.org/v1';

/** True for a file in the age format, whatever it is called. */
export function isEncrypted(file) {
  const head = Buffer.alloc(MAGIC.length);
  const open = openSync(file, 'r');
  readSync(open, head, 0, head.length, 0);
  closeSync(open);
  return head.toString('latin1') === MAGIC;
}

const streamed = (file) => Readable.toWeb(createReadStream(file));
const into = (stream, file) =>
  pipeline(Readable.fromWeb(stream), createWriteStream(file, { mode: 0o600, flags: 'wx' }));

/** Encrypts a file into another by a passphrase, in the age format (scrypt, ChaCha20-Poly1305), a piece at a time. */
export async function encryptFile(from, to, words) {
  const encrypter = new Encrypter();
  encrypter.setPassphrase(words);
  await into(await encrypter.encrypt(streamed(from)), to);
}

/** The way back. A wrong passphrase, or a file that was changed, is a trouble in words. */
export async function decryptFile(from, to, words) {
  const decrypter = new Decrypter();
  decrypter.addPassphrase(words);
  try {
    await into(await decrypter.decrypt(streamed(from)), to);
  } catch (error) {
    if (error.code) throw error;
    throw new Trouble(
      'That passphrase doesn’t open this backup, or the file was damaged.',
      'Nothing was changed.',
    );
  }
}
