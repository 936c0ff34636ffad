import { resolve } from 'node:path';
import { restoreBackup, takeBackup } from './lib/backup.mjs';
import { withDatabase } from './lib/opened.mjs';
import { run, say, Trouble } from './lib/say.mjs';

await run(async () => {
  const [file] = process.argv.slice(2);
  if (!file)
    throw new Trouble(
      'Which file?',
      'npm run restore FILE (the files of "npm run backup" are named when they are written)',
    );
  await withDatabase((url, own, data) => {
    say(`What was there is kept: ${takeBackup(data, url, own)}`);
    restoreBackup(resolve(process.env.INIT_CWD ?? '.', file), url, own);
    say('Restored.');
  });
});
