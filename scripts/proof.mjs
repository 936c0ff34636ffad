import { spawn, spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  openSync,
  readdirSync,
  readFileSync,
  readlinkSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { alive, commandLine } from './lib/processes.mjs';
import { freePort } from './lib/ports.mjs';
import { root } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { say, Trouble } from './lib/say.mjs';

/*
 * The proof on a clone with an empty data folder: it starts, keeps recipes, is killed with -9 in four ways while it writes and
 * comes back each time with all that it acknowledged; folders that are damaged, full, foreign or newer are refused in a
 * sentence and left as they are; it is backed up, encrypted and not, and restored; it stops, and leaves no process behind.
 */

const STARTS_WITHIN_MS = 240_000;
const folder = mkdtempSync(join(tmpdir(), 'omniarton-proof-'));
chmodSync(folder, 0o755);
const clone = join(folder, 'clone');
const data = join(folder, 'data');
const tally = { passed: 0, failed: 0 };

function holds(what, ok) {
  tally[ok ? 'passed' : 'failed'] += 1;
  say(`${ok ? 'ok  ' : 'FAIL'} ${what}`);
}

const port = await freePort();
const address = `http://127.0.0.1:${port}`;
const env = { ...process.env, CI: 'true', OMNIARTON_DATA: data, PORT: String(port) };
delete env.DATABASE_URL;

function placeOf(pid) {
  try {
    return readlinkSync(`/proc/${pid}/cwd`);
  } catch {
    return '';
  }
}

/** Every living process in the proof's folder, or with it on its command line: npm, the server, PostgreSQL. */
const ours = () =>
  readdirSync('/proc')
    .map(Number)
    .filter((pid) => pid > 0 && pid !== process.pid && alive(pid))
    .filter((pid) => commandLine(pid).includes(folder) || placeOf(pid).startsWith(folder));

async function health() {
  try {
    return (await fetch(`${address}/api/health`, { signal: AbortSignal.timeout(2000) })).ok;
  } catch {
    return false;
  }
}

const said = join(folder, 'start.log');

async function start(...args) {
  const began = performance.now();
  const child = spawn('npm', ['start', '--', ...args], {
    cwd: clone,
    env,
    stdio: ['ignore', openSync(said, 'w'), openSync(said, 'a')],
    detached: true,
  });
  while (!(await health())) {
    if (child.exitCode !== null)
      throw new Trouble(
        `npm start ended with ${child.exitCode}:\n${readFileSync(said, 'utf8').slice(-2000)}`,
      );
    if (performance.now() - began > STARTS_WITHIN_MS) throw new Trouble('npm start gave no page in time.');
    await wait(100);
  }
  say(`     up after ${((performance.now() - began) / 1000).toFixed(1)} s`);
  return child;
}

const npm = (...args) => spawnSync('npm', args, { cwd: clone, env, encoding: 'utf8', timeout: 60_000 });
/**
 * While a command was waited for the server has closed what it held open for us, and may be busy taking a dump in: no connection is
 * kept, and a failure is asked again a moment later.
 */
async function ask(path, options = {}) {
  const asking = () =>
    fetch(`${address}${path}`, {
      ...options,
      headers: {
        'content-type': 'application/json',
        connection: 'close',
        origin: address,
        'x-omniarton': '1',
        ...options.headers,
      },
    });
  return asking().catch(async () => {
    await wait(500);
    return asking();
  });
}

async function saveOne(text) {
  const [home] = await (await ask('/api/households')).json();
  const path = `/api/households/${home.id}/recipes/${randomUUID()}`;
  const demo = (await (await ask('/api/households')).json()).find((one) => one.demo);
  const [like] = (await (await ask(`/api/households/${demo.id}/recipes`)).json()).items;
  const { doc } = await (await ask(`/api/households/${demo.id}/recipes/${like.id}`)).json();
  const saved = await ask(path, {
    method: 'PUT',
    headers: { 'if-none-match': '*' },
    body: JSON.stringify({ ...doc, text }),
  });
  if (!saved.ok) throw new Trouble(`The recipe was not kept: ${await saved.text()}`);
  return path;
}
const textOf = async (path) => (await (await ask(path)).json()).doc?.text;

async function gone() {
  for (let tries = 0; tries < 100 && ours().length > 0; tries += 1) await wait(100);
  return ours().length === 0;
}

/** Writes recipes one after the other until it is told to stop; what was acknowledged is remembered with its text. */
function keepWriting() {
  const acknowledged = new Map();
  let going = true;
  const done = (async () => {
    for (let count = 0; going; count += 1) {
      const text = `Proof cake ${count}\n${200 + count} g plain flour`;
      try {
        acknowledged.set(await saveOne(text), text);
      } catch {
        await wait(50);
      }
    }
  })();
  const stop = async () => {
    going = false;
    await done;
    return acknowledged;
  };
  return { stop, count: () => acknowledged.size };
}

const isServer = (pid) => commandLine(pid).includes('start.mjs') && !commandLine(pid).startsWith('npm');
const isPostmaster = (pid) => /bin\/postgres -D/.test(commandLine(pid));
const isBackend = (pid) => /^postgres: omniarton omniarton/.test(commandLine(pid));
/** What of ours is killed with -9 while it writes. A backend tells its folder by where it stands. */
const KILLS = [
  ['the server', () => ours().filter(isServer)],
  ['the database', () => ours().filter(isPostmaster)],
  ['one of its backends', () => ours().filter(isBackend).slice(0, 1)],
  ['all of it', () => ours()],
];

async function killWhileWriting() {
  for (const [name, whom] of KILLS) {
    const writing = keepWriting();
    while (writing.count() < 15) await wait(20);
    const victims = whom();
    for (const pid of victims) process.kill(pid, 'SIGKILL');
    await wait(800);
    const acknowledged = await writing.stop();
    if (!(await health())) {
      for (let tries = 0; tries < 100 && !(await health()) && ours().some(isServer); tries += 1)
        await wait(100);
      if (!(await health())) await start();
    }
    let lost = 0;
    for (const [path, text] of acknowledged) if ((await textOf(path)) !== text) lost += 1;
    holds(
      `kill -9 of ${name} while it writes: of ${acknowledged.size} acknowledged recipes ${lost} lost`,
      victims.length > 0 && lost === 0 && acknowledged.size >= 15,
    );
  }
}

async function stopIt() {
  process.kill(JSON.parse(readFileSync(join(data, 'run.json'), 'utf8')).pid, 'SIGINT');
  return gone();
}

/** A start that must not succeed: it says why in a sentence, without a stack, and leaves nothing running. */
function refused(what, words, more = {}) {
  const done = spawnSync('npm', ['start'], {
    cwd: clone,
    env: { ...env, ...more },
    encoding: 'utf8',
    timeout: 60_000,
  });
  const said = `${done.stdout}${done.stderr}`;
  const plain = words.test(said) && !/\n\s+at .+:\d+:\d+/.test(said);
  holds(what, done.status !== 0 && plain && ours().length === 0);
  if (!plain) say(said.slice(-1500));
}

async function damagedFolders(path) {
  const there = async () => (await textOf(path)) !== undefined;
  rmSync(join(data, 'cluster.ready'));
  writeFileSync(join(data, 'run.json'), '{"pid":');
  await start();
  holds('a lost mark and half a note of the last run wipe nothing', await there());
  holds('stops', await stopIt());
  const secret = join(data, 'omniarton.password');
  renameSync(secret, `${secret}.away`);
  refused('a lost password file is one sentence', /password file .+ is missing/);
  renameSync(`${secret}.away`, secret);
  const other = join(folder, 'other');
  mkdirSync(join(other, 'cluster'), { recursive: true });
  chmodSync(other, 0o755);
  writeFileSync(join(other, 'cluster/letters.txt'), 'kept');
  refused('a folder with something else in it is left alone', /holds something else/, {
    OMNIARTON_DATA: other,
  });
  holds('and what was in it is there', readFileSync(join(other, 'cluster/letters.txt'), 'utf8') === 'kept');
  const held = createServer().listen(0, '127.0.0.1');
  await once(held, 'listening');
  const none = join(folder, 'none');
  refused('a port that is held is told before anything is made', /Port \d+ is held/, {
    PORT: String(held.address().port),
    OMNIARTON_DATA: none,
  });
  held.close();
  holds('and nothing was made', !existsSync(none));
  tinyDisk();
  await start();
  holds('the first folder is as it was', await there());
}

/** A disk with no room, where this machine lets one be made. */
function tinyDisk() {
  const tiny = join(folder, 'tiny');
  mkdirSync(tiny);
  const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=8m,mode=0755', 'tmpfs', tiny]).status === 0;
  if (!mounted) return say('     no small disk can be made here: a full one was not tried');
  try {
    refused('a full disk is one sentence', /no room left on the disk/, {
      OMNIARTON_DATA: join(tiny, 'data'),
    });
    spawnSync('mount', ['-o', 'remount,ro', tiny]);
    refused('and so is one that takes no writes', /takes no writes/, { OMNIARTON_DATA: join(tiny, 'more') });
  } finally {
    spawnSync('umount', [tiny]);
  }
}

/** SQL on the running database of the proof, as its own role. */
function sql(words, database = 'omniarton') {
  const port = readFileSync(join(data, 'cluster/postmaster.pid'), 'utf8').split('\n')[3].trim();
  return spawnSync(
    'psql',
    ['-h', '127.0.0.1', '-p', port, '-U', 'omniarton', '-d', database, '-q', '-c', words],
    {
      env: { ...process.env, PGPASSWORD: readFileSync(join(data, 'omniarton.password'), 'utf8').trim() },
      encoding: 'utf8',
    },
  );
}

const backups = () => readdirSync(join(data, 'backups')).length;

async function backupAndRestore(path) {
  const plain = /written: (.+)$/m.exec(npm('run', '--silent', 'backup').stdout)?.[1];
  holds('is backed up', plain !== undefined && existsSync(plain));
  const words = join(folder, 'passphrase');
  writeFileSync(words, 'four warm oven stones\n', { mode: 0o600 });
  env.OMNIARTON_PASSPHRASE_FILE = words;
  const taken = npm('run', '--silent', 'backup', '--', '--encrypt');
  const sealed = /written: (.+)$/m.exec(taken.stdout)?.[1] ?? '';
  const unread = existsSync(sealed) && !readFileSync(sealed, 'latin1').includes('PGDMP');
  holds('is backed up encrypted, and says so', unread && /is encrypted/.test(taken.stdout));
  const before = backups();
  writeFileSync(words, 'four cold oven stones\n');
  const wrong = npm('run', '--silent', 'restore', sealed);
  holds('a wrong passphrase changes nothing', wrong.status !== 0 && /doesn’t open/.test(wrong.stderr));
  writeFileSync(words, 'four warm oven stones\n');
  const noDump = join(folder, 'letter.dump');
  writeFileSync(noDump, 'Dear all');
  holds(
    'a file that is no dump is refused',
    /no dump/.test(npm('run', '--silent', 'restore', noDump).stderr),
  );
  sql('CREATE DATABASE somebody_else');
  sql('CREATE TABLE letters (words text)', 'somebody_else');
  const port = readFileSync(join(data, 'cluster/postmaster.pid'), 'utf8').split('\n')[3].trim();
  const theirs = join(folder, 'theirs.dump');
  spawnSync(
    'pg_dump',
    ['-Fc', '-h', '127.0.0.1', '-p', port, '-U', 'omniarton', '-f', theirs, 'somebody_else'],
    {
      env: { ...process.env, PGPASSWORD: readFileSync(join(data, 'omniarton.password'), 'utf8').trim() },
    },
  );
  const foreign = npm('run', '--silent', 'restore', theirs);
  holds('another program’s dump is refused', /another program/.test(foreign.stderr));
  holds('and no backup was let go for any of them', backups() === before);
  const later = await saveOne('Written after the backup');
  const restored = npm('run', '--silent', 'restore', sealed);
  holds('is restored from the encrypted one', restored.status === 0 && (await textOf(path)) !== undefined);
  holds('and what came after the backup is not there', (await textOf(later)) === undefined);
  const said = `${restored.stdout}${restored.stderr}${wrong.stderr}${foreign.stderr}`;
  holds('nothing of the content is printed', !/flour|Proof cake/.test(said));
  holds('is restored from the plain one', npm('run', '--silent', 'restore', plain ?? '').status === 0);
  sql(`INSERT INTO knex_migrations (name, batch, migration_time) VALUES ('9999-of-tomorrow', 99, now())`);
  const tomorrow = /written: (.+)$/m.exec(npm('run', '--silent', 'backup').stdout)?.[1] ?? '';
  const newer = npm('run', '--silent', 'restore', tomorrow);
  holds('a newer program’s dump is refused', /newer Omniarton/.test(newer.stderr));
  holds('stops', await stopIt());
  refused('and so is a newer program’s database', /newer Omniarton/);
}

async function twoStartsAtOnce() {
  const begin = () => {
    const child = spawn('npm', ['start'], {
      cwd: clone,
      env,
      stdio: ['ignore', 'pipe', 'pipe'],
      detached: true,
    });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += chunk));
    return { child, said: () => said };
  };
  const both = [begin(), begin()];
  await Promise.race(both.map(({ child }) => once(child, 'exit')));
  for (let tries = 0; tries < 300 && !(await health()); tries += 1) await wait(100);
  const over = both.filter(({ child }) => child.exitCode !== null);
  const told = over.every(({ said }) => /being started|running already|is held/.test(said()));
  holds(
    'of two starts at once one serves and the other says so',
    over.length === 1 && told && (await health()),
  );
}

async function proof() {
  spawnSync('git', ['clone', '--quiet', root, clone], { stdio: 'inherit' });
  await start();
  holds('starts from a clone with an empty data folder', true);
  const path = await saveOne('Proof cake\n200 g plain flour');
  holds('keeps a recipe', (await textOf(path)) === 'Proof cake\n200 g plain flour');
  const second = npm('start');
  holds('a second start points to the first', second.status !== 0 && second.stderr.includes(address));
  const secrets = ['omniarton', 'omniarton_admin'].map((role) =>
    readFileSync(join(data, `${role}.password`), 'utf8').trim(),
  );
  const seen = readdirSync('/proc').map(Number).filter(Boolean).map(commandLine).join(' ');
  holds('no process has a password among its arguments', !secrets.some((one) => seen.includes(one)));
  await killWhileWriting();
  holds('has all of it after four kills', (await textOf(path)) !== undefined);
  holds('stops', await stopIt());
  const began = performance.now();
  await start();
  holds('starts within 5 s when nothing has changed', performance.now() - began < 5000);
  holds('stops again', await stopIt());
  await damagedFolders(path);
  await stopIt();
  await twoStartsAtOnce();
  await backupAndRestore(path);
  holds('leaves no process behind', await gone());
}

await run(async () => {
  try {
    await proof();
  } catch (error) {
    holds(error.message, false);
  } finally {
    for (const one of ours()) process.kill(one, 'SIGKILL');
    await gone();
    rmSync(folder, { recursive: true, force: true });
  }
  say(`${tally.passed} passed, ${tally.failed} failed`);
  if (tally.failed > 0) throw new Trouble('The proof has failed.');
});
