import { spawn } from 'node:child_process';
import { closeSync, existsSync, mkdirSync, openSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { withPassFile } from './passFile.mjs';
import { asDatabaseUser, binary, installedMajors, postgres } from './postgres.mjs';
import { Trouble } from './say.mjs';

const KEEP = 7;
/** Tables that every dump of ours has: the mark by which one is known. */
const OURS = ['households', 'members', 'seeds', 'recipes', 'knex_migrations'];
const NOT_OURS = 'Only files written by "npm run backup" can be restored. Nothing was changed.';

const majorFor = (own) => own?.major() ?? installedMajors()[0];
const isBackup = (name) => /\.dump(?:\.age)?$/.test(name);

/** Where the next backup goes, without its ending. */
export function backupPlace(data) {
  const folder = join(data, 'backups');
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  return join(folder, `omniarton-${new Date().toISOString().replaceAll(':', '-')}.dump`);
}

/** Lets go of all backups but the newest seven. */
export function pruneBackups(data) {
  const folder = join(data, 'backups');
  const all = readdirSync(folder).filter(isBackup).sort();
  for (const old of all.slice(0, -KEEP)) rmSync(join(folder, old));
}

/** Dumps the database into a file, as it goes: nothing of it lies in memory. */
export function dumpTo(file, url, own) {
  const pass = withPassFile(url);
  const out = openSync(file, 'wx', 0o600);
  try {
    const args = ['--format=custom', '--no-owner', '--no-privileges', pass.url];
    postgres(majorFor(own), 'pg_dump', args, { output: out, env: pass.env });
  } catch (error) {
    rmSync(file, { force: true });
    throw error;
  } finally {
    closeSync(out);
    pass.drop();
  }
  return file;
}

/** A dump in the data folder's backups, of which the newest seven are kept; returns the file. */
export function takeBackup(data, url, own) {
  const file = dumpTo(backupPlace(data), url, own);
  pruneBackups(data);
  return file;
}

/** What pg_restore says of a dump: words of ours, or why it is none. Never a row of it. */
function readDump(file, own, args) {
  const archive = openSync(file, 'r');
  try {
    return postgres(majorFor(own), 'pg_restore', args, { stdin: archive });
  } catch {
    throw new Trouble(`${file} is no dump of a database, or a damaged one.`, NOT_OURS);
  } finally {
    closeSync(archive);
  }
}

/** Looks at a dump before anything is changed: that it is one, that it is ours, that it is no newer than this program. */
export function validateDump(file, own, knownMigrations) {
  if (!existsSync(file)) throw new Trouble(`There is no file ${file}.`);
  const contents = readDump(file, own, ['--list']);
  const tables = new Set([...contents.matchAll(/ TABLE public (\S+) /g)].map(([, name]) => name));
  if (!OURS.every((name) => tables.has(name)))
    throw new Trouble(`${file} is the dump of another program’s database.`, NOT_OURS);
  const rows = readDump(file, own, ['--data-only', '--table=knex_migrations', '--file=-']);
  const had = [...rows.matchAll(/^\d+\t(\d{4}-[\w-]+)\t/gm)].map(([, name]) => name);
  const newer = had.filter((name) => !knownMigrations.includes(name));
  if (newer.length > 0)
    throw new Trouble(
      `${file} was written by a newer Omniarton (${newer.join(', ')}).`,
      'Update this one first. Nothing was changed.',
    );
  return { writtenAt: /Archive created at (.+)/.exec(contents)?.[1] ?? 'an unknown time' };
}

/** A schema that a restore has made anew is in the next dump; it's made above already. It stands near the head. */
function withoutSchema() {
  let held = '';
  let past = false;
  const HEAD = 64 * 1024;
  const cut = (text) => text.replace(/^CREATE SCHEMA public;$/m, '');
  return new Transform({
    transform(chunk, _encoding, done) {
      if (past) return done(null, chunk);
      held += chunk.toString('latin1');
      if (held.length < HEAD) return done();
      past = true;
      done(null, Buffer.from(cut(held), 'latin1'));
    },
    flush: (done) => done(null, past ? null : Buffer.from(cut(held), 'latin1')),
  });
}

const ended = (child) =>
  new Promise((done) => {
    let said = '';
    child.stderr.on('data', (chunk) => (said = (said + chunk.toString()).slice(-2000)));
    child.on('close', (status) => done({ status, said }));
    child.on('error', (error) => done({ status: 1, said: error.message }));
  });

/**
 * Puts a dump in the place of everything that is there, in one transaction: all of it, or nothing. It streams from one program
 * into the other; of what goes wrong only PostgreSQL's code of the error is told, never a row.
 */
export async function restoreDump(file, url, own) {
  const pass = withPassFile(url);
  const major = majorFor(own);
  const archive = openSync(file, 'r');
  const restore = spawn(binary(major, 'pg_restore'), ['--no-owner', '--no-privileges', '--file=-'], {
    ...asDatabaseUser({}),
    stdio: [archive, 'pipe', 'pipe'],
  });
  const args = [
    '-q',
    '--single-transaction',
    '-v',
    'ON_ERROR_STOP=1',
    '-v',
    'VERBOSITY=sqlstate',
    '-o',
    '/dev/null',
    pass.url,
  ];
  const psql = spawn(binary(major, 'psql'), args, {
    ...asDatabaseUser(pass.env),
    stdio: ['pipe', 'ignore', 'pipe'],
  });
  const both = Promise.all([ended(restore), ended(psql)]);
  psql.stdin.write('DROP SCHEMA IF EXISTS public CASCADE;\nCREATE SCHEMA public;\n');
  // psql ends early where it refuses something: its own word tells why.
  await pipeline(restore.stdout, withoutSchema(), psql.stdin).catch(() => restore.kill());
  const [out, into] = await both;
  closeSync(archive);
  pass.drop();
  if (out.status === 0 && into.status === 0) return;
  const code = /ERROR: {2}(\w{5})/.exec(into.said)?.[1];
  throw new Trouble(
    `The backup could not be put back${code ? ` (PostgreSQL says ${code})` : ''}.`,
    'Nothing was changed: what was there is still there.',
  );
}
