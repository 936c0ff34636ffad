import { mkdtempSync, chmodSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { cluster } from '../../../scripts/lib/cluster.mjs';

/** A throw-away PostgreSQL for the API tests, without fsync. */
export default async function startDatabase() {
  const folder = mkdtempSync(join(tmpdir(), 'omniarton-pg-'));
  chmodSync(folder, 0o755);
  const own = cluster(join(folder, 'data'));
  const { port } = await own.start({ fsync: false });
  process.env.TEST_DATABASE_URL = own.url(port);
  globalThis.__omniartonCluster = { own, folder };
}
