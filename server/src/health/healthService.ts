import { statfs } from 'node:fs/promises';
import type { HealthAnswer } from '@omniarton/contracts';
import { ENGINE } from '../engine';
import type { HealthStore } from './healthStore';

/** Less room than this, bytes: a write-ahead segment of PostgreSQL (16 MB) and a few documents. */
const LEAST_ROOM = 48 * 1024 * 1024;

async function diskOf(folder: string | undefined): Promise<HealthAnswer['disk']> {
  if (folder === undefined) return 'unknown';
  try {
    const { bavail, bsize } = await statfs(folder);
    return bavail * bsize < LEAST_ROOM ? 'full' : 'ok';
  } catch {
    return 'unknown';
  }
}

export const healthService = (store: HealthStore, dataFolder: string | undefined) => ({
  async look(): Promise<HealthAnswer> {
    const disk = await diskOf(dataFolder);
    const database = await store.missing().then(
      (tables) => (tables.length > 0 ? ('incomplete' as const) : ('up' as const)),
      () => 'down' as const,
    );
    const well = database === 'up' && disk !== 'full';
    return { status: well ? 'ok' : 'degraded', database, disk, engine: ENGINE };
  },
});
