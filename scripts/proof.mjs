import { spawn, spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import {
  chmodSync,
  existsSync,
  mkdtempSync,
  openSync,
  readdirSync,
  readFileSync,
  readlinkSync,
  rmSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { alive, commandLine } from './lib/processes.mjs';
import { freePort } from './lib/ports.mjs';
import { root } from './lib/paths.mjs';
import { run, say, Trouble } from './lib/say.mjs';

/*
 * The proof on a clone with an empty data folder: it starts, keeps a recipe, is killed with -9 (the server alone, then all of
 * it), comes back each time with the recipe, is backed up and restored, stops, and leaves no process behind.
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
const ask = async (path, options = {}) =>
  fetch(`${address}${path}`, {
    ...options,
    headers: { 'content-type': 'application/json', origin: address, 'x-omniarton': '1', ...options.headers },
  });

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

async function proof() {
  spawnSync('git', ['clone', '--quiet', root, clone], { stdio: 'inherit' });
  await start();
  holds('starts from a clone with an empty data folder', true);
  const path = await saveOne('Proof cake\n200 g plain flour');
  holds('keeps a recipe', (await textOf(path)) === 'Proof cake\n200 g plain flour');
  const second = npm('start');
  holds('a second start points to the first', second.status !== 0 && second.stderr.includes(address));

  const { pid } = JSON.parse(readFileSync(join(data, 'run.json'), 'utf8'));
  process.kill(pid, 'SIGKILL');
  while (await health()) await wait(50);
  const began = performance.now();
  await start();
  holds('comes back after kill -9 of the server', (await textOf(path)) !== undefined);
  holds('starts within 5 s when nothing has changed', performance.now() - began < 5000);

  for (const one of ours()) process.kill(one, 'SIGKILL');
  while (await health()) await wait(50);
  await start();
  holds('comes back after kill -9 of all of it', (await textOf(path)) !== undefined);

  const backup = /written: (.+)$/m.exec(npm('run', '--silent', 'backup').stdout)?.[1];
  holds('is backed up', backup !== undefined && existsSync(backup));
  const later = await saveOne('Written after the backup');
  const restored = npm('run', '--silent', 'restore', backup ?? '');
  holds('is restored', restored.status === 0 && (await textOf(path)) !== undefined);
  holds('and what came after the backup is not there', (await textOf(later)) === undefined);

  process.kill(JSON.parse(readFileSync(join(data, 'run.json'), 'utf8')).pid, 'SIGINT');
  holds('stops, and leaves no process behind', await gone());
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
