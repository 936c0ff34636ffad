import type { Knex } from 'knex';
import { owned } from './owned';

/** Pictures of bakes, as the page has re-encoded them: they go with their bake, into backups and out of them. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('photos', (table) => {
    owned(db, table);
    table.uuid('id').notNullable();
    table.uuid('bake_id').notNullable();
    table.text('shows').notNullable();
    table.text('type').notNullable();
    table.integer('width').notNullable();
    table.integer('height').notNullable();
    table.binary('bytes').notNullable();
    table.primary(['household_id', 'id']);
    table
      .foreign(['household_id', 'bake_id'])
      .references(['household_id', 'id'])
      .inTable('bakes')
      .onDelete('CASCADE');
    table.index(['household_id', 'bake_id', 'created_at']);
  });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.dropTable('photos');
}
