import { chmodSync, mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { dumpTo, restoreDump, validateDump } from './lib/backup.mjs';
import { buildIfChanged } from './lib/build.mjs';
import { cluster } from './lib/cluster.mjs';
import { root } from './lib/paths.mjs';
import { withPassFile } from './lib/passFile.mjs';
import { postgres } from './lib/postgres.mjs';
import { run } from './lib/run.mjs';
import { say, Trouble } from './lib/say.mjs';
import { yearsOfBaking } from './lib/years.mjs';

/*
 * A household that has baked for years: ten thousand kept dockets of some 45 kB, each with a bake. They are dumped and restored,
 * come back row for row, and a flour's page still opens at once. Prints what it took; asserts no time.
 */
const DOCKETS = 10_000;
const FLOURS = 12;

const SUM = `SELECT count(*) || ' ' || md5(string_agg(md5(doc::text), '' ORDER BY id)) FROM dockets`;

await run(async () => {
  buildIfChanged();
  const folder = mkdtempSync(join(tmpdir(), 'omniarton-soak-'));
  chmodSync(folder, 0o755);
  const own = cluster(join(folder, 'data'));
  const { port } = await own.start({ fsync: false });
  const url = own.url(port);
  const pass = withPassFile(url);
  const sql = (words) =>
    postgres(own.major(), 'psql', ['-qtA', '-v', 'ON_ERROR_STOP=1', pass.url], {
      input: words,
      env: pass.env,
    }).trim();
  const took = async (what, work) => {
    const began = performance.now();
    const result = await work();
    say(`${what}: ${((performance.now() - began) / 1000).toFixed(1)} s`);
    return result;
  };
  try {
    const app = await import(pathToFileURL(join(root, 'server/dist/main.js')).href);
    await app.migrate(url);
    await app.seed(url, { demo: true });
    await took(`${DOCKETS} dockets and bakes written`, () =>
      sql(yearsOfBaking({ recipes: 100, bakes: DOCKETS, flours: FLOURS })),
    );
    const before = sql(SUM);
    const file = join(folder, 'data', 'soak.dump');
    await took('dumped', () => dumpTo(file, url, own));
    say(
      `the dump is ${(statSync(file).size / 1e6).toFixed(0)} MB; its script would be ${(Number(sql('SELECT sum(length(doc::text)) FROM dockets')) / 1e6).toFixed(0)} MB`,
    );
    validateDump(file, own, app.migrationNames());
    await took('restored', () => restoreDump(file, url, own));
    if (sql(SUM) !== before) throw new Trouble('The dockets came back otherwise than they went.');
    const server = await app.serve({ databaseUrl: url, host: '127.0.0.1', port: 0 });
    const at = `http://127.0.0.1:${server.port}/api/households`;
    const home = (await (await fetch(at)).json()).find(({ demo }) => !demo);
    const times = [];
    for (let turn = 0; turn < 30; turn += 1) {
      const began = performance.now();
      const uses = await (await fetch(`${at}/${home.id}/flours/flour-${turn % FLOURS}/uses`)).json();
      times.push(performance.now() - began);
      if (uses.length !== 20) throw new Trouble('A flour’s page doesn’t show its twenty newest bakes.');
    }
    times.sort((a, b) => a - b);
    say(
      `a flour's uses among ${DOCKETS} bakes: median ${times[15].toFixed(1)} ms, p95 ${times[28].toFixed(1)} ms (wanted: under 50)`,
    );
    await server.close();
  } finally {
    pass.drop();
    own.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
