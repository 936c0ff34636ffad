import { closeSync, existsSync, mkdirSync, openSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { installedMajors, postgres } from './postgres.mjs';
import { Trouble } from './say.mjs';

const KEEP = 7;

const majorFor = (own) => own?.major() ?? installedMajors()[0];

/** Dumps the database into the data folder's backups, keeps the newest seven, returns the file. */
export function takeBackup(data, url, own) {
  const folder = join(data, 'backups');
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = join(folder, `omniarton-${new Date().toISOString().replaceAll(':', '-')}.dump`);
  const out = openSync(file, 'w', 0o600);
  try {
    postgres(majorFor(own), 'pg_dump', ['--format=custom', '--no-owner', '--no-privileges', url], {
      output: out,
    });
  } catch (error) {
    rmSync(file, { force: true });
    throw error;
  } finally {
    closeSync(out);
  }
  const all = readdirSync(folder)
    .filter((name) => name.endsWith('.dump'))
    .sort();
  for (const old of all.slice(0, -KEEP)) rmSync(join(folder, old));
  return file;
}

/** Puts a dump in the place of everything that is there, in one transaction: all of it, or nothing. */
export function restoreBackup(file, url, own) {
  if (!existsSync(file)) throw new Trouble(`There is no file ${file}.`);
  const archive = openSync(file, 'r');
  let script;
  try {
    script = postgres(majorFor(own), 'pg_restore', ['--no-owner', '--no-privileges', '--file=-'], {
      stdin: archive,
    });
  } catch (error) {
    throw new Trouble(
      error.message,
      'Only files written by "npm run backup" can be restored. Nothing was changed.',
    );
  } finally {
    closeSync(archive);
  }
  // A schema that a restore has made anew is in the next dump; it's made above already.
  script = script.replace(/^CREATE SCHEMA public;$/m, '');
  const whole = `DROP SCHEMA IF EXISTS public CASCADE;\nCREATE SCHEMA public;\n${script}`;
  postgres(majorFor(own), 'psql', ['-q', '--single-transaction', '-v', 'ON_ERROR_STOP=1', url], {
    input: whole,
  });
}
