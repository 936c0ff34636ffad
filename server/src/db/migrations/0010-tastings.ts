import type { Knex } from 'knex';
import { owned } from './owned';

/** Tastings of a recipe's bakes, each one document: what was tasted, by whom, under which codes, and what they said. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('tastings', (table) => {
    owned(db, table);
    table.uuid('id').notNullable();
    table.uuid('recipe_id').notNullable();
    table.integer('version').notNullable();
    table.integer('doc_schema').notNullable();
    table.jsonb('doc').notNullable();
    table.primary(['household_id', 'id']);
    table
      .foreign(['household_id', 'recipe_id'])
      .references(['household_id', 'id'])
      .inTable('recipes')
      .onDelete('CASCADE');
    table.index(['household_id', 'recipe_id', 'created_at']);
  });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.dropTable('tastings');
}
