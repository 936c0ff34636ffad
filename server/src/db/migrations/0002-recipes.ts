import type { Knex } from 'knex';
import { owned } from './owned';

/** Recipes, kept dockets, settings, and the answers that a repeated write gets again. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('recipes', (table) => {
    owned(db, table);
    table.uuid('id').notNullable();
    table.integer('version').notNullable();
    table.text('title').notNullable();
    table.text('family').notNullable();
    table.text('source_text').notNullable();
    table.integer('doc_schema').notNullable();
    table.jsonb('doc').notNullable();
    table.timestamp('updated_at').notNullable().defaultTo(db.fn.now());
    table.timestamp('removed_at');
    table.primary(['household_id', 'id']);
    table.index(['household_id', 'updated_at', 'id']);
  });
  await db.schema.createTable('dockets', (table) => {
    owned(db, table);
    table.uuid('id').notNullable();
    table.uuid('recipe_id').notNullable();
    table.text('engine').notNullable();
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
  await db.schema.createTable('settings', (table) => {
    owned(db, table);
    table.primary(['household_id']);
    table.integer('version').notNullable();
    table.integer('doc_schema').notNullable();
    table.jsonb('doc').notNullable();
  });
  await db.schema.createTable('requests', (table) => {
    owned(db, table);
    table.uuid('id').notNullable();
    table.text('fingerprint').notNullable();
    table.jsonb('answer').notNullable();
    table.primary(['household_id', 'id']);
    table.index(['created_at']);
  });
}

export async function down(db: Knex): Promise<void> {
  for (const table of ['requests', 'settings', 'dockets', 'recipes']) await db.schema.dropTable(table);
}
