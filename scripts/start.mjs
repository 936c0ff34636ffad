import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { takeBackup } from './lib/backup.mjs';
import { buildIfChanged } from './lib/build.mjs';
import { cluster } from './lib/cluster.mjs';
import { checkNode, ensurePackages, ensurePostgres } from './lib/install.mjs';
import { dataFolder, makePrivateFolder, root } from './lib/paths.mjs';
import { alive, commandLine, holderOf } from './lib/processes.mjs';
import { run, say, Trouble } from './lib/say.mjs';

const DEFAULT_PORT = 4620;
const HOST = '127.0.0.1';
const WATCH_MS = 2000;

/** A second start points to the first. */
function refuseSecondStart(note) {
  if (!existsSync(note)) return;
  const { pid, address } = JSON.parse(readFileSync(note, 'utf8'));
  if (pid !== process.pid && alive(pid) && commandLine(pid).includes('start.mjs')) {
    throw new Trouble(`Omniarton is running already (process ${pid}).`, `Open ${address}`);
  }
}

/** The private cluster, or the server that DATABASE_URL names (which we neither start nor stop). */
async function database(data) {
  if (process.env.DATABASE_URL) return { url: process.env.DATABASE_URL, stop: () => {}, watch: () => {} };
  await ensurePostgres();
  const own = cluster(data);
  const { port } = await own.start();
  let timer;
  return {
    own,
    url: own.url(port),
    /** Brings the database back should somebody kill it while the page is open. */
    watch: () => {
      let busy = false;
      timer = setInterval(async () => {
        if (busy || own.running()) return;
        busy = true;
        say('The database has stopped; starting it again …');
        await own.start({ port }).catch((error) => console.error(error.message));
        busy = false;
      }, WATCH_MS);
    },
    stop: () => {
      clearInterval(timer);
      own.stop();
    },
  };
}

async function serve(app, db, port) {
  try {
    return await app.serve({ databaseUrl: db.url, host: HOST, port, webFolder: join(root, 'web/dist') });
  } catch (error) {
    if (error.code !== 'EADDRINUSE') throw error;
    throw new Trouble(
      `Port ${port} is held by ${holderOf(port)}.`,
      `Stop it, or choose another: PORT=${port + 1} npm start`,
    );
  }
}

await run(async () => {
  const began = performance.now();
  checkNode();
  const port = Number(process.env.PORT ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Trouble(`PORT=${process.env.PORT} is no port number.`);
  const data = dataFolder();
  const note = join(data, 'run.json');
  refuseSecondStart(note);
  await ensurePackages();
  if (!process.env.DATABASE_URL) await ensurePostgres();
  makePrivateFolder(data);
  buildIfChanged();

  const db = await database(data);
  try {
    const app = await import(join(root, 'server/dist/main.js'));
    if (await app.hasPendingMigrations(db.url)) {
      if (await app.hasData(db.url))
        say(`Backup before the database changes: ${takeBackup(data, db.url, db.own)}`);
      await app.migrate(db.url);
    }
    await app.seed(db.url, { demo: !process.argv.includes('--empty') });
    const server = await serve(app, db, port);
    const address = `http://${HOST}:${port}/`;
    writeFileSync(note, JSON.stringify({ pid: process.pid, address }));
    db.watch();
    say(`Data: ${data}`);
    say(
      `Omniarton is at ${address}  (ready in ${((performance.now() - began) / 1000).toFixed(1)} s; Ctrl-C stops it)`,
    );

    let stopping = false;
    const stop = async () => {
      if (stopping) return;
      stopping = true;
      await server.close();
      db.stop();
      rmSync(note, { force: true });
      say('\nStopped.');
      process.exit(0);
    };
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop());
  } catch (error) {
    db.stop();
    throw error;
  }
});
