import type { Knex } from 'knex';
import { owned } from './owned';

/** What the recipes of a household share, as one document: people, own ingredients, jars, weighed cups. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('kitchens', (table) => {
    owned(db, table);
    table.primary(['household_id']);
    table.integer('version').notNullable();
    table.integer('doc_schema').notNullable();
    table.jsonb('doc').notNullable();
  });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.dropTable('kitchens');
}
