import type { Knex } from 'knex';
import { owned } from './owned';

/** Bakes that were written down, each tied to the docket it was baked from. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('bakes', (table) => {
    owned(db, table);
    table.uuid('id').notNullable();
    table.integer('version').notNullable();
    table.uuid('recipe_id').notNullable();
    table.uuid('docket_id').notNullable();
    table.date('baked_on').notNullable();
    table.integer('doc_schema').notNullable();
    table.jsonb('doc').notNullable();
    table.timestamp('removed_at');
    table.primary(['household_id', 'id']);
    table
      .foreign(['household_id', 'recipe_id'])
      .references(['household_id', 'id'])
      .inTable('recipes')
      .onDelete('CASCADE');
    table
      .foreign(['household_id', 'docket_id'])
      .references(['household_id', 'id'])
      .inTable('dockets')
      .onDelete('CASCADE');
    table.index(['household_id', 'recipe_id', 'baked_on']);
  });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.dropTable('bakes');
}
