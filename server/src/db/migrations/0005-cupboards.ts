import type { Knex } from 'knex';
import { owned } from './owned';

/** Bags, and their movements: what is left of a bag is the sum of what came in and went out, and no row is ever changed. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('bags', (table) => {
    owned(db, table);
    table.uuid('id').notNullable();
    table.integer('version').notNullable();
    table.text('ingredient').notNullable();
    table.integer('doc_schema').notNullable();
    table.jsonb('doc').notNullable();
    table.timestamp('removed_at');
    table.primary(['household_id', 'id']);
  });
  await db.schema.createTable('movements', (table) => {
    owned(db, table);
    table.uuid('move_id').notNullable();
    table.uuid('bag_id').notNullable();
    table.decimal('grams', 9, 2).notNullable();
    table.text('why').notNullable();
    table.uuid('bake_id');
    table.uuid('undoes');
    table.primary(['household_id', 'move_id', 'bag_id']);
    table
      .foreign(['household_id', 'bag_id'])
      .references(['household_id', 'id'])
      .inTable('bags')
      .onDelete('CASCADE');
    // A movement is undone once.
    table.unique(['household_id', 'undoes', 'bag_id']);
    table.index(['household_id', 'bag_id']);
    table.index(['household_id', 'bake_id']);
  });
}

export async function down(db: Knex): Promise<void> {
  for (const table of ['movements', 'bags']) await db.schema.dropTable(table);
}
