import type { Knex } from 'knex';

/** The columns of every table that belongs to a household. */
export function owned(db: Knex, table: Knex.CreateTableBuilder): void {
  table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
  table.uuid('created_by').notNullable().references('people.id');
  table.timestamp('created_at').notNullable().defaultTo(db.fn.now());
}
