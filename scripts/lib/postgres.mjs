import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Trouble } from './say.mjs';
import { troubleIn } from './troubles.mjs';

const DEBIAN = '/usr/lib/postgresql';

/** The majors of PostgreSQL whose server is installed, newest first. */
export function installedMajors() {
  if (!existsSync(DEBIAN)) return [];
  return readdirSync(DEBIAN)
    .filter((major) => existsSync(join(DEBIAN, major, 'bin/postgres')))
    .sort((a, b) => Number(b) - Number(a));
}

export const binary = (major, name) => join(DEBIAN, major, 'bin', name);

/** When we are root, the uid and gid of Debian's postgres user; else undefined (we run it as ourselves). */
export function databaseUser() {
  if (process.getuid?.() !== 0) return undefined;
  const row = readFileSync('/etc/passwd', 'utf8')
    .split('\n')
    .find((line) => line.startsWith('postgres:'));
  if (!row) return undefined;
  const [, , uid, gid] = row.split(':');
  return { uid: Number(uid), gid: Number(gid) };
}

/** How one of PostgreSQL's programs is started: as the database's user, from where everybody may stand. */
export const asDatabaseUser = (env) => ({
  ...databaseUser(),
  cwd: '/',
  env: { PATH: process.env.PATH, LC_ALL: 'C.UTF-8', ...env },
});

/** Runs one of PostgreSQL's programs; throws with what it printed. */
export function postgres(major, name, args, { env, input, stdin, output } = {}) {
  const done = spawnSync(binary(major, name), args, {
    ...asDatabaseUser(env),
    input,
    // pg_ctl's server keeps what it inherits open: never a pipe of ours.
    stdio: name === 'pg_ctl' ? 'ignore' : [stdin ?? 'pipe', output ?? 'pipe', 'pipe'],
    maxBuffer: 1 << 28,
  });
  if (done.status !== 0) {
    const words = `${done.stderr ?? ''}${output ? '' : (done.stdout ?? '')}`.trim() || done.error?.message;
    throw troubleIn(words ?? '', name) ?? new Trouble(`${name} failed: ${words ?? `exit ${done.status}`}`);
  }
  return done.stdout?.toString() ?? '';
}
