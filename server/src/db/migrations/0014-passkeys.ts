import type { Knex } from 'knex';

/** Keys that devices keep and sign with (WebAuthn), each for one name of the house, and what they were last asked to sign. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('passkeys', (table) => {
    table.uuid('id').primary();
    table.uuid('person_id').notNullable().references('people.id').onDelete('CASCADE');
    table.text('credential').notNullable().unique();
    table.binary('public_key').notNullable();
    table.bigInteger('counter').notNullable();
    table.text('rp').notNullable();
    table.text('name').notNullable();
    table.timestamp('created_at').notNullable().defaultTo(db.fn.now());
    table.timestamp('used_at').nullable();
    table.index('person_id');
  });
  await db.schema.createTable('challenges', (table) => {
    table.text('challenge').primary();
    table.uuid('person_id').nullable().references('people.id').onDelete('CASCADE');
    table.text('rp').notNullable();
    table.timestamp('expires_at').notNullable();
  });
}

export async function down(db: Knex): Promise<void> {
  for (const table of ['challenges', 'passkeys']) await db.schema.dropTable(table);
}
