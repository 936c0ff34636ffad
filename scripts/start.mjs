import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { takeBackup } from './lib/backup.mjs';
import { buildIfChanged } from './lib/build.mjs';
import { cluster } from './lib/cluster.mjs';
import { checkNode, ensurePackages, ensurePostgres } from './lib/install.mjs';
import { dataFolder, makePrivateFolder, root } from './lib/paths.mjs';
import { lanNames, trustedProxies } from './lib/lan.mjs';
import { isFree } from './lib/ports.mjs';
import { holderOf } from './lib/processes.mjs';
import { run } from './lib/run.mjs';
import { say, Trouble } from './lib/say.mjs';
import { holdStart, refuseSecondStart, writeNote } from './lib/startLock.mjs';

const DEFAULT_PORT = 4620;
const HOST = '127.0.0.1';
const WATCH_MS = 2000;

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

const portHeld = (port) =>
  new Trouble(
    `Port ${port} is held by ${holderOf(port)}.`,
    `Stop it, or choose another: PORT=${port + 1} npm start`,
  );

const MOST_CONNECTIONS = 200;
/** How many connections at most (OMNIARTON_POOL), and a copy that lists may be read from (DATABASE_REPLICA_URL). */
function databaseSettings() {
  const { OMNIARTON_POOL: said, DATABASE_REPLICA_URL: replicaUrl } = process.env;
  const pool = said ? Number(said) : undefined;
  if (pool !== undefined && !(Number.isInteger(pool) && pool >= 2 && pool <= MOST_CONNECTIONS))
    throw new Trouble(
      `OMNIARTON_POOL=${said} is no number of connections.`,
      `Give one from 2 to ${MOST_CONNECTIONS}.`,
    );
  return { pool, replicaUrl: replicaUrl || undefined };
}

/** Where the home network is served over https: OMNIARTON_HTTPS_PORT, else the next port. */
function securePort(port) {
  const said = process.env.OMNIARTON_HTTPS_PORT;
  const own = said ? Number(said) : port + 1;
  if (!Number.isInteger(own) || own < 1 || own > 65535 || own === port)
    throw new Trouble(`OMNIARTON_HTTPS_PORT=${said} is no port that it can have beside ${port}.`);
  return own;
}

async function serve(app, db, port, data, lan) {
  const folders = db.own ? { data, backups: join(data, 'backups') } : undefined;
  try {
    return await app.serve({
      databaseUrl: db.url,
      ...databaseSettings(),
      host: HOST,
      port,
      lan,
      ...(lan ? { secure: { port: securePort(port), folder: join(data, 'tls') } } : {}),
      proxies: trustedProxies(),
      webFolder: join(root, 'web/dist'),
      ...(folders ? { folders } : {}),
    });
  } catch (error) {
    throw error.code === 'EADDRINUSE' ? portHeld(error.port ?? port) : error;
  }
}

/** Where other devices find it, and how they get in. */
function sayLan([first], secure) {
  if (first)
    say(
      `Other devices of the home network: http://${first}/  (add each under Settings, People and devices). Plain http is for a network that you trust.`,
    );
  if (first && secure)
    say(
      `Over https, once a device trusts this household’s certificate (the page there says how): ${secure.vouched.https}\n  Its fingerprint: ${secure.vouched.fingerprint}`,
    );
  if (secure?.left.length)
    say(
      `The certificate was made before ${secure.left.join(', ')} and can’t vouch for it. Take away the folder “tls” in the data to have another made; devices then trust it anew.`,
    );
  if (!first)
    say(
      'No address in a home network was found: it serves this machine alone. OMNIARTON_NAMES may name one.',
    );
}

/** Brings the database up to date; what was there is backed up first. One of a newer program is left alone. */
async function upToDate(app, db, data) {
  const newer = await app.unknownMigrations(db.url);
  if (newer.length > 0)
    throw new Trouble(
      `The data in ${data} were written by a newer Omniarton (${newer.join(', ')}).`,
      'Start that one, or set OMNIARTON_DATA to another place; nothing was changed.',
    );
  if (!(await app.hasPendingMigrations(db.url))) return;
  if (await app.hasData(db.url))
    say(`Backup before the database changes (not encrypted): ${takeBackup(data, db.url, db.own)}`);
  await app.migrate(db.url);
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
  if (!(await isFree(port))) throw portHeld(port);
  await ensurePackages();
  if (!process.env.DATABASE_URL) await ensurePostgres();
  makePrivateFolder(data);
  const letGo = holdStart(join(data, 'start.lock'));
  process.on('exit', letGo);
  buildIfChanged();

  const db = await database(data);
  try {
    const app = await import(join(root, 'server/dist/main.js'));
    await upToDate(app, db, data);
    await app.seed(db.url, { demo: !process.argv.includes('--empty') });
    const lan = process.argv.includes('--lan') ? lanNames : undefined;
    const server = await serve(app, db, port, data, lan);
    const address = `http://${HOST}:${port}/`;
    writeNote(note, { pid: process.pid, address });
    letGo();
    db.watch();
    say(`Data: ${data}`);
    say(
      `Omniarton is at ${address}  (ready in ${((performance.now() - began) / 1000).toFixed(1)} s; Ctrl-C stops it)`,
    );

    if (lan) sayLan(lan(port), server.secure);

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
