import knex, { type Knex } from 'knex';
import { migrate } from '../db/migrate';
import { openDatabase } from '../db/open';
import { seed } from '../demo/seed';

const FURNISHED = 'furnished';
/** Only one of the processes that test furnishes; the others wait. Any number that nothing else here locks. */
const LOCK = 4620;

/** The address of another database of the same cluster. */
const beside = (cluster: string, database: string): string => cluster.replace(/\/omniarton$/, `/${database}`);

/** With a home and the demo in it, worked out once for all tests. It has its name only when it is whole. */
async function furnish(admin: Knex, cluster: string): Promise<void> {
  const { rows } = await admin.raw<{ rows: unknown[] }>('SELECT 1 FROM pg_database WHERE datname = ?', [
    FURNISHED,
  ]);
  if (rows.length > 0) return;
  const making = `furnishing_${process.pid}`;
  await admin.raw(`CREATE DATABASE ${making}`);
  const db = openDatabase(beside(cluster, making));
  await migrate(db);
  await seed(db, { demo: true });
  await db.destroy();
  await admin.raw(`ALTER DATABASE ${making} RENAME TO ${FURNISHED}`);
}

/** A database of its own for somebody who tests: a copy of the furnished one, open. */
export async function openFurnished(cluster: string, database: string): Promise<Knex> {
  const admin = knex({ client: 'pg', connection: cluster, pool: { min: 1, max: 1 } });
  await admin.raw('SELECT pg_advisory_lock(?)', [LOCK]);
  await furnish(admin, cluster);
  await admin.raw(`CREATE DATABASE ${database} TEMPLATE ${FURNISHED}`);
  await admin.destroy();
  return openDatabase(beside(cluster, database));
}
