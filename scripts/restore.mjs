import { existsSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { backupPlace, dumpTo, restoreDump, validateDump } from './lib/backup.mjs';
import { buildIfChanged } from './lib/build.mjs';
import { decryptFile, isEncrypted } from './lib/encrypted.mjs';
import { withDatabase } from './lib/opened.mjs';
import { passphrase } from './lib/passphrase.mjs';
import { root } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { agree, say, Trouble } from './lib/say.mjs';

/** Looks at the file, says what it replaces, keeps what is there (no older backup is let go for it), and puts it back. */
async function restore(file, { url, own, data, app }) {
  const { writtenAt } = validateDump(file, own, app.migrationNames());
  say(
    `The backup of ${writtenAt} takes the place of everything that is in ${own ? data : 'the database'} now.`,
  );
  if (!(await agree('Replace it?')))
    throw new Trouble('Nothing was changed.', 'Say yes, or call it with --yes.');
  say(`What was there is kept (not encrypted): ${dumpTo(backupPlace(data), url, own)}`);
  await restoreDump(file, url, own);
  await app.migrate(url);
  say('Restored.');
}

await run(async () => {
  const name = process.argv.slice(2).find((one) => !one.startsWith('--'));
  if (!name)
    throw new Trouble(
      'Which file?',
      'npm run restore FILE (the files of "npm run backup" are named when they are written)',
    );
  const file = resolve(process.env.INIT_CWD ?? '.', name);
  if (!existsSync(file)) throw new Trouble(`There is no file ${file}.`);
  const words = isEncrypted(file) ? await passphrase({ twice: false }) : null;
  buildIfChanged();
  const app = await import(pathToFileURL(join(root, 'server/dist/main.js')).href);
  await withDatabase(async (url, own, data) => {
    if (words === null) return restore(file, { url, own, data, app });
    const clear = `${backupPlace(data)}.part`;
    try {
      await decryptFile(file, clear, words);
      await restore(clear, { url, own, data, app });
    } finally {
      rmSync(clear, { force: true });
    }
  });
});
