import { spawn, spawnSync } from 'node:child_process';
import { chmodSync, mkdtempSync, openSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { keepOne, signedIn, someDocument } from './lib/asking.mjs';
import { buildIfChanged } from './lib/build.mjs';
import { cluster } from './lib/cluster.mjs';
import { ensureNginx, ensurePackages, ensurePostgres } from './lib/install.mjs';
import { root } from './lib/paths.mjs';
import { freePort } from './lib/ports.mjs';
import { run } from './lib/run.mjs';
import { say, Trouble } from './lib/say.mjs';

/*
 * Two servers behind one proxy on one PostgreSQL. A baker is let in and signs in through the proxy, and edits on both; one of them is
 * killed with -9 while recipes are written, and nothing that was acknowledged is lost; then it comes back. Reads and writes per second
 * are measured with one server and with two: figures, no promises.
 */

const STARTS_WITHIN_MS = 60_000;
const CLIENTS = 10;
const MEASURED_MS = 4000;

const folder = mkdtempSync(join(tmpdir(), 'omniarton-two-'));
chmodSync(folder, 0o755);
const tally = { passed: 0, failed: 0 };
function holds(what, ok) {
  tally[ok ? 'passed' : 'failed'] += 1;
  say(`${ok ? 'ok  ' : 'FAIL'} ${what}`);
}

const children = new Set();
function started(name, command, args, env = {}) {
  const out = openSync(join(folder, `${name}.log`), 'a');
  const child = spawn(command, args, {
    cwd: root,
    env: { ...process.env, ...env },
    stdio: ['ignore', out, out],
  });
  children.add(child);
  child.on('exit', () => children.delete(child));
  return child;
}

async function until(what, ask) {
  const began = performance.now();
  while (!(await ask().catch(() => false))) {
    if (performance.now() - began > STARTS_WITHIN_MS) throw new Trouble(`${what} did not answer in time.`);
    await wait(100);
  }
}

/** One of the servers, as `npm start` starts it, on the database that both have. */
async function startServer(name, port, url, names) {
  const child = started(name, process.execPath, ['scripts/start.mjs', '--lan', '--yes'], {
    DATABASE_URL: url,
    OMNIARTON_DATA: join(folder, name),
    OMNIARTON_NAMES: names,
    OMNIARTON_PROXIES: '127.0.0.1',
    PORT: String(port),
    OMNIARTON_HTTPS_PORT: String(await freePort()),
    CI: 'true',
  });
  await until(name, async () => (await fetch(`http://127.0.0.1:${port}/api/health`)).ok);
  return child;
}

/** A proxy before some servers. A request that one of them can't take any more is put to the other: a write says what it is by its id. */
function proxyConfig(port, servers) {
  const upstream = servers.map((one) => `server 127.0.0.1:${one} max_fails=1 fail_timeout=1s;`).join(' ');
  return `
    daemon off; pid ${folder}/nginx.pid; error_log ${folder}/nginx.log; worker_processes 1;
    events { worker_connections 256; }
    http {
      access_log off;
      client_body_temp_path ${folder}/body; proxy_temp_path ${folder}/proxy; fastcgi_temp_path ${folder}/f; uwsgi_temp_path ${folder}/u; scgi_temp_path ${folder}/s;
      upstream kitchen { ${upstream} keepalive 16; }
      server {
        listen 127.0.0.1:${port};
        location / {
          proxy_pass http://kitchen; proxy_http_version 1.1; proxy_set_header Connection "";
          proxy_set_header Host $http_host; proxy_set_header X-Forwarded-For $proxy_add_x_forwarded_for;
          proxy_connect_timeout 1s; proxy_next_upstream error timeout http_502 http_503;
          client_max_body_size 200m;
        }
      }
    }`;
}

async function startProxy(port, servers) {
  const file = join(folder, `proxy-${servers.length}.conf`);
  writeFileSync(file, proxyConfig(port, servers));
  const child = started('proxy', 'nginx', ['-c', file, '-p', folder]);
  await until('The proxy', async () => (await fetch(`http://127.0.0.1:${port}/`)).status < 500);
  return child;
}

async function ended(child, signal = 'SIGTERM') {
  if (child.exitCode !== null || child.signalCode !== null) return;
  const gone = new Promise((done) => child.once('exit', done));
  child.kill(signal);
  await gone;
}

/** Edits one recipe by turns on both servers themselves, with the cookie that the proxy brought. */
async function editsOnBoth(baker, ports, doc, named) {
  const path = await keepOne(baker, doc, 'Two cake\n200 g plain flour');
  let version = 1;
  for (let turn = 0; turn < 10; turn += 1) {
    const at = `http://127.0.0.1:${ports[turn % 2]}`;
    const answer = await fetch(`${at}${path}`, {
      method: 'PUT',
      headers: {
        'content-type': 'application/json',
        'x-omniarton': '1',
        'x-forwarded-for': '127.0.0.1',
        origin: at,
        cookie: baker.cookie(),
        'if-match': `"${version}"`,
      },
      body: JSON.stringify({ ...doc, text: `Two cake ${turn}\n200 g plain flour` }),
    });
    if (!answer.ok) throw new Trouble(`Edit ${turn} at ${at}: ${answer.status} ${await answer.text()}`);
    version += 1;
  }
  const { doc: kept } = await (await baker.ask(path)).json();
  holds(
    `${named}: ten edits by turns on both servers follow one another`,
    kept.text.startsWith('Two cake 9'),
  );
}

/** Writes by several clients, until it is told to stop; what was acknowledged is remembered. */
function keepWriting(baker, doc) {
  const acknowledged = new Map();
  const state = { going: true, failed: 0 };
  const client = async (name) => {
    for (let count = 0; state.going; count += 1) {
      const text = `Cake ${name} ${count}\n${200 + count} g plain flour`;
      try {
        acknowledged.set(await keepOne(baker, doc, text, name), text);
      } catch {
        state.failed += 1;
        await wait(20);
      }
    }
  };
  const all = Promise.all(Array.from({ length: CLIENTS }, (_, name) => client(name)));
  return {
    acknowledged,
    stop: async () => {
      state.going = false;
      await all;
      return state.failed;
    },
  };
}

async function killedWhileWriting(baker, doc, victim, restart) {
  const writing = keepWriting(baker, doc);
  while (writing.acknowledged.size < 100) await wait(20);
  const before = writing.acknowledged.size;
  await ended(victim, 'SIGKILL');
  await wait(1500);
  const after = writing.acknowledged.size;
  const again = await restart();
  await wait(1000);
  const failed = await writing.stop();
  let lost = 0;
  for (const [path, text] of writing.acknowledged) {
    const { doc: kept } = await (await baker.ask(path)).json();
    if (kept?.text !== text) lost += 1;
  }
  holds(
    `kill -9 of one server while ${CLIENTS} clients write: of ${writing.acknowledged.size} acknowledged recipes ${lost} lost (${failed} answers failed)`,
    lost === 0,
  );
  holds(`the other one went on: ${after - before} recipes were kept meanwhile`, after > before);
  return again;
}

/** How often a second some clients are answered. */
async function perSecond(work) {
  const until = performance.now() + MEASURED_MS;
  let done = 0;
  await Promise.all(
    Array.from({ length: CLIENTS }, async (_, client) => {
      while (performance.now() < until) {
        await work(client);
        done += 1;
      }
    }),
  );
  return (1000 * done) / MEASURED_MS;
}

async function measured(baker, doc) {
  const list = `/api/households/${baker.home}/recipes`;
  const reads = await perSecond(async () => (await baker.ask(list)).arrayBuffer());
  const writes = await perSecond((client) => keepOne(baker, doc, 'Measured cake\n200 g plain flour', client));
  return { reads, writes };
}

async function prove(url) {
  const ports = [await freePort(), await freePort()];
  const front = await freePort();
  const address = `http://127.0.0.1:${front}`;
  const names = [`127.0.0.1:${front}`, ...ports.map((port) => `127.0.0.1:${port}`)].join();
  const first = await startServer('first', ports[0], url, names);
  const second = await startServer('second', ports[1], url, names);
  let proxy = await startProxy(front, ports);
  const direct = `http://127.0.0.1:${ports[0]}`;
  const doc = await someDocument(direct);
  const baker = await signedIn(address, direct);
  say(`     signed in through the proxy in ${baker.signInMs.toFixed(0)} ms`);
  const stranger = await fetch(`${address}/api/households/${baker.home}/recipes`);
  holds('through the proxy nobody is the machine’s own', stranger.status === 401);
  await editsOnBoth(baker, ports, doc, 'signed in once');
  const again = await killedWhileWriting(baker, doc, second, () =>
    startServer('second', ports[1], url, names),
  );
  const two = await measured(baker, doc);
  await ended(proxy);
  proxy = await startProxy(front, ports.slice(0, 1));
  const one = await measured(baker, doc);
  for (const what of ['reads', 'writes'])
    say(
      `     ${what} per second, ${CLIENTS} clients: one server ${one[what].toFixed(0)}, two ${two[what].toFixed(0)} (${(two[what] / one[what]).toFixed(2)} times)`,
    );
  for (const child of [proxy, first, again]) await ended(child);
  holds('both servers and the proxy stop', children.size === 0);
}

await run(async () => {
  await ensurePackages();
  await ensurePostgres();
  await ensureNginx();
  buildIfChanged();
  const own = cluster(join(folder, 'data'));
  const { port } = await own.start();
  try {
    await prove(own.url(port));
  } catch (error) {
    for (const name of ['first', 'second', 'proxy'])
      say(
        `${name}: ${spawnSync('tail', ['-n', '5', join(folder, `${name}.log`)], { encoding: 'utf8' }).stdout}`,
      );
    throw error;
  } finally {
    await Promise.all([...children].map((child) => ended(child)));
    own.stop();
    rmSync(folder, { recursive: true, force: true });
  }
  say(`${tally.passed} passed, ${tally.failed} failed`);
  if (tally.failed > 0) throw new Trouble('The proof has failed.');
});
