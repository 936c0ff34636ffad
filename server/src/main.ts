import 'reflect-metadata';
import type { Server } from 'node:http';
import { makeApp } from './app';
import {
  migrate as migrateOn,
  migrationNames,
  pendingMigrations,
  unknownMigrations as unknownOn,
} from './db/migrate';
import { openDatabase } from './db/open';
import { hasRecipes } from './db/look';
import { seed as seedOn, seedAgain as seedAgainOn } from './demo/seed';
import { makeLogger } from './http/log';
import { metricsOf } from './metrics/metrics';
import { serveSecurely, type Secure, type SecureOptions } from './tls/secure';
import { servicesOn, type Folders } from './services';

const DAY_MS = 86_400_000;
/** On every network of the machine; who may ask is told by the names. */
const EVERYWHERE = '0.0.0.0';

async function withDatabase<T>(
  url: string,
  work: (db: ReturnType<typeof openDatabase>) => Promise<T>,
): Promise<T> {
  const db = openDatabase(url);
  try {
    return await work(db);
  } finally {
    await db.destroy();
  }
}

/** What the start command calls, in this order. */
export const hasPendingMigrations = (url: string) =>
  withDatabase(url, async (db) => (await pendingMigrations(db)) > 0);
export const unknownMigrations = (url: string) => withDatabase(url, unknownOn);
export { migrationNames };
export const hasData = (url: string) => withDatabase(url, hasRecipes);
export const migrate = (url: string) => withDatabase(url, migrateOn);
export const seed = (url: string, options: { demo: boolean }) =>
  withDatabase(url, (db) => seedOn(db, options));
export const seedAgain = (url: string) => withDatabase(url, seedAgainOn);

export interface ServeOptions {
  readonly databaseUrl: string;
  readonly host: string;
  /** 0 takes any free port. */
  readonly port: number;
  readonly webFolder?: string;
  /** Names by which other devices ask, each with its port; without it this machine alone is served. */
  readonly lan?: (port: number) => readonly string[];
  /** Where the data and their backups lie; not known of a database of one's own. */
  readonly folders?: Folders;
  /** A copy of the database that lists may be read from. */
  readonly replicaUrl?: string;
  /** So many connections at most. */
  readonly pool?: number;
  /** Addresses of proxies that are believed about whom they ask for. */
  readonly proxies?: readonly string[];
  /** Over https too, for the devices of the home network. */
  readonly secure?: SecureOptions;
}

export interface Serving {
  readonly port: number;
  /** Null: it is served over plain http alone. */
  readonly secure: Pick<Secure, 'port' | 'vouched' | 'left'> | null;
  close(): Promise<void>;
}

/** Starts listening; rejects when the port is taken. */
export async function serve({
  databaseUrl,
  replicaUrl,
  pool,
  host,
  port,
  webFolder,
  lan,
  folders,
  proxies = [],
  secure,
}: ServeOptions): Promise<Serving> {
  const db = openDatabase(databaseUrl, pool);
  const lists = replicaUrl === undefined ? undefined : openDatabase(replicaUrl, pool);
  const closeAll = () => Promise.all([db.destroy(), lists?.destroy()]);
  let bound = port;
  let safely: Secure | null = null;
  const logger = makeLogger(process.env.LOG_LEVEL ?? 'error');
  const services = servicesOn(db, folders, lists);
  const app = makeApp({
    services,
    host,
    port: () => bound,
    lan: () => [...(lan?.(bound) ?? []), ...(safely && lan ? lan(safely.port) : [])],
    vouched: () => safely?.vouched ?? null,
    logger,
    proxies,
    metrics: { of: metricsOf(db), token: process.env.OMNIARTON_METRICS_TOKEN },
    webFolder,
  });
  const server = await new Promise<Server>((done, fail) => {
    const listening = app.listen(port, lan ? EVERYWHERE : host, (error?: Error) =>
      error ? fail(error) : done(listening),
    );
  }).catch(async (error: unknown) => {
    await closeAll();
    throw error;
  });
  const purge = () =>
    Promise.all([services.bin.purge(), services.devices.purge(), services.passkeys.purge()]).catch(
      (error: unknown) => logger.error({ err: error }, 'purge'),
    );
  void purge();
  const daily = setInterval(() => void purge(), DAY_MS).unref();
  const address = server.address();
  if (address && typeof address === 'object') bound = address.port;
  if (secure && lan) safely = await serveSecurely(app, secure, lan, EVERYWHERE);
  return {
    port: bound,
    secure: safely,
    close: async () => {
      clearInterval(daily);
      const closed = new Promise((done) => server.close(done));
      server.closeAllConnections();
      await safely?.close();
      await closed;
      await closeAll();
    },
  };
}
