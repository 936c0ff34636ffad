import type { Knex } from 'knex';

/** Households, who belongs to them, and what has been seeded. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('people', (table) => {
    table.uuid('id').primary();
    table.text('name').notNullable();
    table.timestamp('created_at').notNullable().defaultTo(db.fn.now());
  });
  await db.schema.createTable('households', (table) => {
    table.uuid('id').primary();
    table.uuid('created_by').notNullable().references('people.id');
    table.text('name').notNullable();
    table.boolean('demo').notNullable().defaultTo(false);
    table.timestamp('created_at').notNullable().defaultTo(db.fn.now());
  });
  await db.schema.createTable('members', (table) => {
    table.uuid('household_id').notNullable().references('households.id').onDelete('CASCADE');
    table.uuid('person_id').notNullable().references('people.id');
    table.primary(['household_id', 'person_id']);
  });
  await db.schema.createTable('seeds', (table) => {
    table.text('name').primary();
    table.timestamp('applied_at').notNullable().defaultTo(db.fn.now());
  });
}

export async function down(db: Knex): Promise<void> {
  for (const table of ['seeds', 'members', 'households', 'people']) await db.schema.dropTable(table);
}
