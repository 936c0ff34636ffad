import type { Knex } from 'knex';
import { owned } from './owned';

/** Who may do what, the devices that are in, the codes that let one in, and tries that went wrong. Secrets are kept as digests. */
export async function up(db: Knex): Promise<void> {
  await db.schema.alterTable('members', (table) => {
    table.text('role').notNullable().defaultTo('owner').checkIn(['owner', 'baker', 'helper', 'taster']);
    table.index('person_id');
  });
  await db.schema.alterTable('people', (table) => table.text('passphrase').nullable());
  await db.raw('CREATE UNIQUE INDEX people_sign_in ON people (lower(name)) WHERE passphrase IS NOT NULL');
  await db.schema.createTable('devices', (table) => {
    table.uuid('id').primary();
    table.uuid('person_id').notNullable().references('people.id').onDelete('CASCADE');
    table.text('name').notNullable();
    table.binary('token').notNullable().unique();
    table.binary('token_before').nullable().unique();
    table.timestamp('created_at').notNullable().defaultTo(db.fn.now());
    table.timestamp('rotated_at').notNullable().defaultTo(db.fn.now());
    table.timestamp('seen_at').notNullable().defaultTo(db.fn.now());
    table.timestamp('expires_at').notNullable();
    table.timestamp('revoked_at').nullable();
    table.index('person_id');
  });
  await db.schema.createTable('join_codes', (table) => {
    owned(db, table);
    table.binary('digest').primary();
    table.uuid('person_id').nullable().references('people.id').onDelete('CASCADE');
    table.text('name').notNullable();
    table.text('role').notNullable();
    table.timestamp('expires_at').notNullable();
    table.timestamp('used_at').nullable();
  });
  await db.schema.createTable('tries', (table) => {
    table.text('key').primary();
    table.integer('count').notNullable();
    table.timestamp('since').notNullable().defaultTo(db.fn.now());
  });
}

export async function down(db: Knex): Promise<void> {
  for (const table of ['tries', 'join_codes', 'devices']) await db.schema.dropTable(table);
  await db.raw('DROP INDEX people_sign_in');
  await db.schema.alterTable('people', (table) => table.dropColumn('passphrase'));
  await db.schema.alterTable('members', (table) => {
    table.dropIndex('person_id');
    table.dropColumn('role');
  });
}
