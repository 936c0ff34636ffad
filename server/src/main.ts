import 'reflect-metadata';
import type { Server } from 'node:http';
import { pino } from 'pino';
import { makeApp } from './app';
import { migrate as migrateOn, pendingMigrations } from './db/migrate';
import { openDatabase } from './db/open';
import { hasRecipes } from './db/look';
import { seed as seedOn } from './demo/seed';
import { servicesOn } from './services';

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
export const hasData = (url: string) => withDatabase(url, hasRecipes);
export const migrate = (url: string) => withDatabase(url, migrateOn);
export const seed = (url: string, options: { demo: boolean }) =>
  withDatabase(url, (db) => seedOn(db, options));

export interface ServeOptions {
  readonly databaseUrl: string;
  readonly host: string;
  /** 0 takes any free port. */
  readonly port: number;
  readonly webFolder?: string;
}

export interface Serving {
  readonly port: number;
  close(): Promise<void>;
}

/** Starts listening; rejects when the port is taken. */
export async function serve({ databaseUrl, host, port, webFolder }: ServeOptions): Promise<Serving> {
  const db = openDatabase(databaseUrl);
  let bound = port;
  const logger = pino({ level: process.env.LOG_LEVEL ?? 'error' });
  const app = makeApp({ services: servicesOn(db), host, port: () => bound, logger, webFolder });
  const server = await new Promise<Server>((done, fail) => {
    const listening = app.listen(port, host, (error?: Error) => (error ? fail(error) : done(listening)));
  }).catch(async (error: unknown) => {
    await db.destroy();
    throw error;
  });
  const address = server.address();
  if (address && typeof address === 'object') bound = address.port;
  return {
    port: bound,
    close: async () => {
      const closed = new Promise((done) => server.close(done));
      server.closeAllConnections();
      await closed;
      await db.destroy();
    },
  };
}
