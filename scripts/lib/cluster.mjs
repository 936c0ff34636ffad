import { randomBytes } from 'node:crypto';
import {
  chmodSync,
  chownSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { socketFolder, makePrivateFolder } from './paths.mjs';
import { withPassFile } from './passFile.mjs';
import { freePort } from './ports.mjs';
import { binary, databaseUser, installedMajors, postgres } from './postgres.mjs';
import { Trouble } from './say.mjs';
import { alive, commandLine } from './processes.mjs';
import { troubleIn } from './troubles.mjs';

const ADMIN = 'omniarton_admin';
const APP = 'omniarton';
/** So much of the log is of the last start. */
const LOG_TAIL = 1500;

/** Where the things of a cluster lie in a data folder. */
function placesIn(data) {
  const folder = join(data, 'cluster');
  return {
    data,
    folder,
    version: join(folder, 'PG_VERSION'),
    secret: (role) => join(data, `${role}.password`),
    /** Lies there from before a first start makes the folder until all of it is made: what a killed one leaves is told by it. */
    making: join(data, 'cluster.making'),
    finished: join(data, 'cluster.ready'),
    log: join(data, 'postgres.log'),
  };
}

function passwordOf({ secret }, role) {
  if (!existsSync(secret(role)))
    throw new Trouble(
      `The password file ${secret(role)} is missing, and without it nobody gets into the database.`,
      'Put it back from a copy of the data folder; nothing was changed.',
    );
  return readFileSync(secret(role), 'utf8').trim();
}

const majorOf = ({ version }) =>
  existsSync(version) ? readFileSync(version, 'utf8').trim() : installedMajors()[0];
const urlOf = (places, port, role = APP, database = APP) =>
  `postgres://${role}:${passwordOf(places, role)}@127.0.0.1:${port}/${database}`;

/** The running server of this very folder: `{ pid, port }`. A recycled pid or a zombie doesn't count. */
function runningIn({ folder }) {
  const file = join(folder, 'postmaster.pid');
  if (!existsSync(file)) return undefined;
  const [pid, , , port] = readFileSync(file, 'utf8')
    .split('\n')
    .map((line) => line.trim());
  if (alive(Number(pid)) && commandLine(Number(pid)).includes(folder))
    return { pid: Number(pid), port: Number(port) };
  return undefined;
}

function refuseOtherMajor(places) {
  const theirs = majorOf(places);
  if (installedMajors().includes(theirs)) return;
  const ours = installedMajors()[0];
  throw new Trouble(
    `The data in ${places.folder} were written by PostgreSQL ${theirs}; installed is ${ours ?? 'none'}.`,
    `Where PostgreSQL ${theirs} is installed, dump them with "npm run backup"; then move ${places.folder} away, start once here, ` +
      'and bring them back with "npm run restore FILE".',
  );
}

function writeSecret({ secret }, role) {
  writeFileSync(secret(role), randomBytes(24).toString('hex'), { mode: 0o600 });
  const user = databaseUser();
  if (user) chownSync(secret(role), user.uid, user.gid);
}

/** What lies where the cluster is to be: nothing, one that can be started, what a killed first start has left, or something else. */
function foundIn({ folder, making, finished, version }) {
  if (!existsSync(folder) || readdirSync(folder).length === 0) return 'nothing';
  if (existsSync(making) && !existsSync(finished)) return 'half made';
  return existsSync(version) && existsSync(join(folder, 'global/pg_control')) ? 'cluster' : 'other';
}

/** What isn't ours, or isn't whole, is never touched. */
function refuseOther({ folder }) {
  const names = readdirSync(folder).slice(0, 5).join(', ');
  throw new Trouble(
    `${folder} is where the database is to be, and holds something else, or a database that isn't whole (${names}).`,
    'Move it away, or set OMNIARTON_DATA to another place; nothing was changed.',
  );
}

function create(places) {
  const { folder, making, secret } = places;
  writeFileSync(making, `${new Date().toISOString()}\n`);
  if (foundIn(places) === 'half made') rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const user = databaseUser();
  if (user) chownSync(folder, user.uid, user.gid);
  chmodSync(folder, 0o700);
  writeSecret(places, ADMIN);
  writeSecret(places, APP);
  postgres(majorOf(places), 'initdb', [
    ...['-D', folder, '-U', ADMIN, '-A', 'scram-sha-256', `--pwfile=${secret(ADMIN)}`],
    ...['-E', 'UTF8', '--locale=C.UTF-8'],
  ]);
}

/** What is there is looked at, what isn't is made. */
function makeReady(places) {
  makePrivateFolder(places.data);
  const there = foundIn(places);
  if (there === 'other') refuseOther(places);
  if (there === 'cluster') {
    refuseOtherMajor(places);
    for (const role of [ADMIN, APP]) passwordOf(places, role);
    return;
  }
  const half = runningIn(places);
  if (half) process.kill(half.pid, 'SIGQUIT');
  create(places);
}

async function launch(places, options) {
  const { data, folder, log } = places;
  // After a kill -9 of the postmaster its children hold the shared memory for a moment.
  for (let attempt = 0; ; attempt += 1) {
    if (!runningIn(places)) rmSync(join(folder, 'postmaster.pid'), { force: true });
    try {
      const args = ['-D', folder, '-w', '-t', '60', '-l', log, '-o', options, 'start'];
      postgres(majorOf(places), 'pg_ctl', args);
      return;
    } catch (error) {
      const known = existsSync(log) && troubleIn(readFileSync(log, 'utf8').slice(-LOG_TAIL), data);
      if (known) throw known;
      if (attempt === 20) throw new Trouble(error.message, `Look in ${log}.`);
      await wait(500);
    }
  }
}

function makeRoleAndDatabase(places, port) {
  const sql = [
    `DROP DATABASE IF EXISTS ${APP};`,
    `DROP ROLE IF EXISTS ${APP};`,
    `CREATE ROLE ${APP} LOGIN NOSUPERUSER CREATEDB PASSWORD '${passwordOf(places, APP)}';`,
    `CREATE DATABASE ${APP} OWNER ${APP};`,
  ].join('\n');
  const pass = withPassFile(urlOf(places, port, ADMIN, 'postgres'));
  try {
    postgres(majorOf(places), 'psql', ['-q', '-v', 'ON_ERROR_STOP=1', pass.url], {
      input: sql,
      env: pass.env,
    });
  } finally {
    pass.drop();
  }
}

async function startIn(places, { port: wanted, fsync = true } = {}) {
  makeReady(places);
  const already = runningIn(places);
  if (already) return already;
  const port = wanted ?? (await freePort());
  const options = [
    `-p ${port}`,
    `-k ${socketFolder(places.data)}`,
    '-c listen_addresses=127.0.0.1',
    fsync ? '' : '-F',
  ].join(' ');
  await launch(places, options);
  const { making, finished } = places;
  if (existsSync(making) && !existsSync(finished)) makeRoleAndDatabase(places, port);
  if (!existsSync(finished)) writeFileSync(finished, `${new Date().toISOString()}\n`);
  rmSync(making, { force: true });
  return runningIn(places) ?? { pid: 0, port };
}

function stopIn(places) {
  if (runningIn(places))
    postgres(majorOf(places), 'pg_ctl', ['-D', places.folder, '-w', '-m', 'fast', 'stop']);
}

/** The private cluster in a data folder. */
export function cluster(data) {
  const places = placesIn(data);
  const major = () => majorOf(places);
  return {
    folder: places.folder,
    start: (how) => startIn(places, how),
    stop: () => stopIn(places),
    running: () => runningIn(places),
    url: (port, role, database) => urlOf(places, port, role, database),
    major,
    program: (name) => binary(major(), name),
  };
}
