import type { Knex } from 'knex';

/** A code that an owner keeps on paper, for when every device is lost: it lasts, and there is one of each. */
export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('join_codes', (table) => {
    table.boolean('recovery').notNullable().defaultTo(false);
  });
  await db.raw(
    'CREATE UNIQUE INDEX one_recovery ON join_codes (household_id, person_id) WHERE recovery AND used_at IS NULL',
  );
}

export async function down(db: Knex): Promise<void> {
  await db('join_codes').where({ recovery: true }).delete();
  await db.raw('DROP INDEX one_recovery');
  await db.schema.alterTable('join_codes', (table) => table.dropColumn('recovery'));
}
