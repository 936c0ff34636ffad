import { readFileSync } from 'node:fs';
import { createInterface } from 'node:readline';
import { Writable } from 'node:stream';
import { Trouble } from './say.mjs';

/** A passphrase shorter than this is guessed. */
const SHORTEST = 12;

/** Reads a line at the terminal without showing it. */
function askHidden(question) {
  const silent = new Writable({ write: (_chunk, _encoding, done) => done() });
  const terminal = createInterface({ input: process.stdin, output: silent, terminal: true });
  process.stdout.write(question);
  return new Promise((done) => {
    terminal.question('', (answer) => {
      terminal.close();
      process.stdout.write('\n');
      done(answer);
    });
  });
}

/** The passphrase of a backup: out of the file that OMNIARTON_PASSPHRASE_FILE names, or asked for; never an argument. */
export async function passphrase({ twice }) {
  const file = process.env.OMNIARTON_PASSPHRASE_FILE;
  if (file) return checked(readFileSync(file, 'utf8').replace(/\r?\n$/, ''), twice);
  if (!process.stdin.isTTY)
    throw new Trouble(
      'This backup wants a passphrase, and there is no terminal to ask at.',
      'Write it into a file that only you can read, and name that in OMNIARTON_PASSPHRASE_FILE.',
    );
  const first = checked(await askHidden('Passphrase (not shown): '), twice);
  if (twice && (await askHidden('The same again: ')) !== first)
    throw new Trouble('The two passphrases differ; nothing was written.');
  return first;
}

function checked(words, isNew) {
  if (words === '') throw new Trouble('The passphrase is empty.');
  if (isNew && words.length < SHORTEST)
    throw new Trouble(`That passphrase is short: ${SHORTEST} characters at least, or a few words.`);
  return words;
}
