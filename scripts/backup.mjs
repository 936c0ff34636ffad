import { takeBackup } from './lib/backup.mjs';
import { withDatabase } from './lib/opened.mjs';
import { run, say } from './lib/say.mjs';

await run(() => withDatabase((url, own, data) => say(`Backup written: ${takeBackup(data, url, own)}`)));
