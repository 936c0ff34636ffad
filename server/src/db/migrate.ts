import type { Knex } from 'knex';
import * as households from './migrations/0001-households';
import * as recipes from './migrations/0002-recipes';
import * as bakes from './migrations/0003-bakes';
import * as kitchens from './migrations/0004-kitchens';
import * as cupboards from './migrations/0005-cupboards';
import * as seats from './migrations/0006-seats';
import * as flourUses from './migrations/0007-flour-uses';
import * as days from './migrations/0008-days';
import * as photos from './migrations/0009-photos';
import * as tastings from './migrations/0010-tastings';
import * as finding from './migrations/0011-finding';
import * as devices from './migrations/0012-devices';
import * as recovery from './migrations/0013-recovery';
import * as passkeys from './migrations/0014-passkeys';

interface Named extends Knex.Migration {
  readonly name: string;
}

/** In order. A landed one is never changed: the next change is the next file. */
const MIGRATIONS: readonly Named[] = [
  { name: '0001-households', ...households },
  { name: '0002-recipes', ...recipes },
  { name: '0003-bakes', ...bakes },
  { name: '0004-kitchens', ...kitchens },
  { name: '0005-cupboards', ...cupboards },
  { name: '0006-seats', ...seats },
  { name: '0007-flour-uses', ...flourUses },
  { name: '0008-days', ...days },
  { name: '0009-photos', ...photos },
  { name: '0010-tastings', ...tastings },
  { name: '0011-finding', ...finding },
  { name: '0012-devices', ...devices },
  { name: '0013-recovery', ...recovery },
  { name: '0014-passkeys', ...passkeys },
];

const config: Knex.MigratorConfig = {
  migrationSource: {
    getMigrations: () => Promise.resolve([...MIGRATIONS]),
    getMigrationName: (migration: Named) => migration.name,
    getMigration: (migration: Named) => Promise.resolve(migration),
  },
};

/** Any fixed number: the advisory lock under which one of several starting servers migrates. */
const MIGRATION_LOCK = 4620_0001;

export async function pendingMigrations(db: Knex): Promise<number> {
  const [, pending] = (await db.migrate.list(config)) as [unknown[], unknown[]];
  return pending.length;
}

/** Names of migrations that a database has had and this program doesn't know: a newer one was here. */
export async function unknownMigrations(db: Knex): Promise<string[]> {
  if (!(await db.schema.hasTable('knex_migrations'))) return [];
  const rows = (await db('knex_migrations').select('name')) as { name: string }[];
  const known = new Set(MIGRATIONS.map(({ name }) => name));
  return rows.map(({ name }) => name).filter((name) => !known.has(name));
}

/** Names of all migrations, in order. */
export const migrationNames = (): string[] => MIGRATIONS.map(({ name }) => name);

/** Brings the database up to date; each migration in a transaction, one server at a time. */
export async function migrate(db: Knex): Promise<void> {
  await db.transaction(async (held) => {
    await held.raw('SELECT pg_advisory_xact_lock(?)', [MIGRATION_LOCK]);
    await db.migrate.latest(config);
  });
}
