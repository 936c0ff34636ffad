import type { Knex } from 'knex';
import { owned } from './owned';

/** A household's bake day as one document: what is baked when, who helps, and how far its run is. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('days', (table) => {
    owned(db, table);
    table.primary(['household_id']);
    table.integer('version').notNullable();
    table.integer('doc_schema').notNullable();
    table.jsonb('doc').notNullable();
  });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.dropTable('days');
}
