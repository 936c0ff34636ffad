import { rmSync } from 'node:fs';
import { backupPlace, dumpTo, pruneBackups, takeBackup } from './lib/backup.mjs';
import { encryptFile } from './lib/encrypted.mjs';
import { withDatabase } from './lib/opened.mjs';
import { passphrase } from './lib/passphrase.mjs';
import { run } from './lib/run.mjs';
import { say } from './lib/say.mjs';

/** The dump lies in the clear for as long as it takes to encrypt it, in the same private folder. */
async function takeEncrypted(data, url, own, words) {
  const place = backupPlace(data);
  const clear = dumpTo(`${place}.part`, url, own);
  try {
    await encryptFile(clear, `${place}.age`, words);
  } finally {
    rmSync(clear, { force: true });
  }
  pruneBackups(data);
  return `${place}.age`;
}

await run(async () => {
  const encrypt = process.argv.includes('--encrypt');
  const words = encrypt ? await passphrase({ twice: true }) : null;
  await withDatabase(async (url, own, data) => {
    if (encrypt) say(`Backup written: ${await takeEncrypted(data, url, own, words)}`);
    else say(`Backup written: ${takeBackup(data, url, own)}`);
  });
  say(
    encrypt
      ? 'It is encrypted: without the passphrase nobody can read it, you among them.'
      : 'It is not encrypted: it holds what people here avoid. "npm run backup -- --encrypt" asks for a passphrase.',
  );
});
