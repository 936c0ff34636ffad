import type { Knex } from 'knex';

const BATCH = 200;

/** As the words of a recipe were folded when this was written: without marks over letters, and in small ones. */
const folded = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

interface Row {
  readonly household_id: string;
  readonly id: string;
  readonly title: string;
  readonly source_text: string;
}

/** What a recipe is found by: its words, whole and by their beginnings, its title through a slip of the finger, its marks. */
export async function up(db: Knex): Promise<void> {
  await db.raw('CREATE EXTENSION IF NOT EXISTS pg_trgm');
  await db.schema.alterTable('recipes', (table) => {
    table.boolean('favourite').notNullable().defaultTo(false);
    table.specificType('tags', 'text[]').notNullable().defaultTo('{}');
    table.text('title_words').notNullable().defaultTo('');
    table.text('words').notNullable().defaultTo('');
  });
  for (let after = '00000000-0000-0000-0000-000000000000'; ;) {
    const rows = await db<Row>('recipes')
      .where('id', '>', after)
      .orderBy('id')
      .limit(BATCH)
      .select('household_id', 'id', 'title', 'source_text');
    for (const { household_id, id, title, source_text } of rows)
      await db('recipes')
        .where({ household_id, id })
        .update({ title_words: folded(title), words: folded(`${title}\n${source_text}`) });
    if (rows.length < BATCH) break;
    after = rows.at(-1)!.id;
  }
  await db.raw(
    `ALTER TABLE recipes ADD COLUMN search tsvector
       GENERATED ALWAYS AS (to_tsvector('simple', words) || to_tsvector('english', words)) STORED`,
  );
  await db.raw('CREATE INDEX recipes_search ON recipes USING gin (search)');
  await db.raw('CREATE INDEX recipes_title ON recipes (household_id, title_words, id)');
  await db.raw('CREATE INDEX recipes_title_like ON recipes USING gin (title_words gin_trgm_ops)');
}

export async function down(db: Knex): Promise<void> {
  await db.schema.alterTable('recipes', (table) =>
    table.dropColumns('search', 'words', 'title_words', 'tags', 'favourite'),
  );
}
