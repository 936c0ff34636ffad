import type { Knex } from 'knex';

/** What a bake used of each flour, written when it is logged: a flour's page needn't open every docket. */
export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('flour_uses', (table) => {
    table.uuid('household_id').notNullable();
    table.uuid('bake_id').notNullable();
    table.text('flour').notNullable();
    table.decimal('grams', 9, 2).notNullable();
    table.text('title').notNullable();
    table.date('baked_on').notNullable();
    table.primary(['household_id', 'bake_id', 'flour']);
    table
      .foreign(['household_id', 'bake_id'])
      .references(['household_id', 'id'])
      .inTable('bakes')
      .onDelete('CASCADE');
    table.index(['household_id', 'flour', 'baked_on', 'bake_id']);
  });
  await db.raw(`
    INSERT INTO flour_uses (household_id, bake_id, flour, grams, title, baked_on)
    SELECT b.household_id, b.id, flour ->> 'ingredient', sum((flour ->> 'grams')::numeric),
           coalesce(d.doc #>> '{docket,title}', ''), b.baked_on
      FROM bakes b
      JOIN dockets d ON d.household_id = b.household_id AND d.id = b.docket_id
      CROSS JOIN LATERAL jsonb_array_elements(coalesce(d.doc #> '{docket,parts}', '[]')) AS part
      CROSS JOIN LATERAL jsonb_array_elements(coalesce(part -> 'blend', '[]')) AS flour
     WHERE flour ->> 'ingredient' IS NOT NULL AND flour ->> 'grams' IS NOT NULL
     GROUP BY b.household_id, b.id, b.baked_on, flour ->> 'ingredient', d.doc #>> '{docket,title}'`);
  await db.schema.alterTable('bakes', (table) => {
    table.index(['household_id', 'recipe_id', 'baked_on', 'created_at', 'id'], 'bakes_by_day');
  });
}

export async function down(db: Knex): Promise<void> {
  await db.schema.alterTable('bakes', (table) => {
    table.dropIndex([], 'bakes_by_day');
  });
  await db.schema.dropTable('flour_uses');
}
