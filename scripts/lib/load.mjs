import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { chmodSync, mkdtempSync, openSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { asking, sent } from './asking.mjs';
import { buildIfChanged } from './build.mjs';
import { cluster } from './cluster.mjs';
import { withPassFile } from './passFile.mjs';
import { root } from './paths.mjs';
import { freePort } from './ports.mjs';
import { postgres } from './postgres.mjs';
import { Trouble } from './say.mjs';
import { yearsOfBaking } from './years.mjs';

const STARTS_WITHIN_MS = 60_000;
const TOKEN = 'load';
/** Whom a proxy that is believed asks for: somebody else than the machine itself. */
export const STRANGER = { 'x-forwarded-for': '10.0.0.200' };

/**
 * A server in a process of its own, as `npm start` starts it, on a database with years of baking; `list` is the path of its recipes, `ids` are some.
 * @param {{ recipes: number, bakes: number }} size
 */
export async function openLoaded({ recipes, bakes }) {
  buildIfChanged();
  const folder = mkdtempSync(join(tmpdir(), 'omniarton-load-'));
  chmodSync(folder, 0o755);
  const own = cluster(join(folder, 'data'));
  const url = own.url((await own.start({ fsync: false })).port);
  const [port, https] = [await freePort(), await freePort()];
  const log = openSync(join(folder, 'server.log'), 'a');
  const server = spawn(process.execPath, ['scripts/start.mjs', '--lan', '--yes'], {
    cwd: root,
    stdio: ['ignore', log, log],
    env: {
      ...process.env,
      DATABASE_URL: url,
      OMNIARTON_DATA: join(folder, 'server'),
      OMNIARTON_NAMES: `127.0.0.1:${port}`,
      OMNIARTON_PROXIES: '127.0.0.1',
      OMNIARTON_METRICS_TOKEN: TOKEN,
      PORT: String(port),
      OMNIARTON_HTTPS_PORT: String(https),
      CI: 'true',
    },
  });
  const gone = new Promise((done) => server.once('exit', done));
  const close = async () => {
    server.kill('SIGTERM');
    await gone;
    own.stop();
    rmSync(folder, { recursive: true, force: true });
  };
  const address = `http://127.0.0.1:${port}`;
  try {
    const answers = () =>
      fetch(`${address}/api/health`)
        .then(({ ok }) => ok)
        .catch(() => false);
    const until = performance.now() + STARTS_WITHIN_MS;
    while (!(await answers())) {
      if (performance.now() > until || server.exitCode !== null)
        throw new Trouble('The server did not answer in time.');
      await wait(100);
    }
    const pass = withPassFile(url);
    postgres(own.major(), 'psql', ['-q', '-v', 'ON_ERROR_STOP=1', pass.url], {
      input: yearsOfBaking({ recipes, bakes, flours: 12, wordsOf: 40 }),
      env: pass.env,
    });
    pass.drop();
    const ask = asking(address);
    const home = (await (await ask('/api/households')).json()).find(({ demo }) => !demo).id;
    const list = `/api/households/${home}/recipes`;
    const { items } = await (await ask(list)).json();
    return { address, home, ask, list, ids: items.map(({ id }) => id), heapMb: () => heapMb(ask), close };
  } catch (error) {
    await close();
    throw error;
  }
}

/** What the server's heap holds, MB, by its own count. */
async function heapMb(ask) {
  const said = await (await ask('/metrics', { headers: { authorization: `Bearer ${TOKEN}` } })).text();
  const bytes = /^nodejs_heap_size_used_bytes (\S+)/m.exec(said)?.[1];
  if (bytes === undefined) throw new Trouble('The server does not tell its heap.');
  return Number(bytes) / 2 ** 20;
}

/** The value below which so large a share of some times lies. */
export const quantile = (times, share) => {
  const sorted = [...times].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
};

/** Some clients ask for so long, each as soon as it is answered or a little after; what each answer took, ms, and its status. */
export async function asked(clients, ms, one, pause = 0) {
  const until = performance.now() + ms;
  const answers = [];
  await Promise.all(
    Array.from({ length: clients }, async (_, client) => {
      for (let turn = 0; performance.now() < until; turn += 1) {
        const began = performance.now();
        const status = await one(client, turn);
        answers.push({ ms: performance.now() - began, at: began, status });
        if (pause > 0) await wait(pause);
      }
    }),
  );
  return answers;
}

/** A request of one sort, read to its end; its status. */
export async function statusOf(answer) {
  const { status } = await answer;
  await (await answer).arrayBuffer();
  return status;
}

const WORDS = ['plum', 'lem', 'ginger cake', 'wal', 'cherry t', 'honey', 'coc', 'plain flour'];
/** What a household's pages ask for: lists, words that are looked for, recipes. By client and turn, so that runs are alike. */
export const readingsOf = ({ ask, list, ids }) => ({
  list: () => statusOf(ask(list)),
  words: (client, turn) =>
    statusOf(ask(`${list}?q=${encodeURIComponent(WORDS[(client + turn) % WORDS.length])}`)),
  recipe: (client, turn) => statusOf(ask(`${list}/${ids[(7 * client + turn) % ids.length]}`)),
});

/** Keeps what each client edits; a recipe of its own. */
export async function editorsOf({ ask, list }, clients, doc) {
  const own = await Promise.all(
    Array.from({ length: clients }, async (_, client) => {
      const path = `${list}/${randomUUID()}`;
      await sent(
        ask,
        'PUT',
        path,
        { ...doc, text: `Cake of client ${client}\n200 g plain flour` },
        {
          'if-none-match': '*',
        },
      );
      return { path, version: 1 };
    }),
  );
  return async (client, turn) => {
    const one = own[client];
    const answer = await ask(one.path, {
      method: 'PUT',
      headers: { 'if-match': `"${one.version}"` },
      body: JSON.stringify({ ...doc, text: `Cake of client ${client}\n${200 + (turn % 99)} g plain flour` }),
    });
    if (answer.ok) one.version += 1;
    return statusOf(answer);
  };
}
