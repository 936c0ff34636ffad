import type { Knex } from 'knex';
import type { RecipeAnswer } from '@omniarton/contracts';
import { upcastRecipe, type RecipeDocument } from '@omniarton/core/kitchen';
import type { Scope } from '../http/scope';
import { asJson } from '../db/json';
import { foldedWords } from './foldedWords';
import type { RecipeRow as Row } from './recipeSummary';

/** The words are kept in a text column: JSONB would reorder nothing there, but it would refuse some of them. */
const toAnswer = (row: Row): RecipeAnswer => ({
  id: row.id,
  version: row.version,
  updatedAt: row.updated_at.toISOString(),
  doc: upcastRecipe({ ...row.doc, text: row.source_text }),
});

function columns(db: Knex, { text, ...doc }: RecipeDocument) {
  return {
    title: doc.asRead.title,
    family: doc.request.family ?? doc.asRead.family,
    source_text: text,
    title_words: foldedWords(doc.asRead.title),
    words: foldedWords(`${doc.asRead.title}\n${text}`),
    doc_schema: doc.schema,
    doc: asJson(db, doc),
  };
}

const reading = (db: Knex) => ({
  async find({ householdId }: Scope, id: string): Promise<RecipeAnswer | undefined> {
    const row = await db<Row>('recipes')
      .where({ household_id: householdId, id })
      .whereNull('removed_at')
      .first();
    return row && toAnswer(row);
  },
});

const writing = (db: Knex) => ({
  /** Undefined when the id is taken already. */
  async create(
    { householdId, personId }: Scope,
    id: string,
    doc: RecipeDocument,
  ): Promise<RecipeAnswer | undefined> {
    const [row] = await db<Row>('recipes')
      .insert({ household_id: householdId, created_by: personId, id, version: 1, ...columns(db, doc) })
      .onConflict(['household_id', 'id'])
      .ignore()
      .returning('*');
    return row && toAnswer(row);
  },

  /** Undefined when another version is stored. */
  async replace(
    { householdId }: Scope,
    id: string,
    version: number,
    doc: RecipeDocument,
  ): Promise<RecipeAnswer | undefined> {
    const [row] = await db<Row>('recipes')
      .where({ household_id: householdId, id, version })
      .whereNull('removed_at')
      .update({ ...columns(db, doc), version: version + 1, updated_at: db.fn.now() })
      .returning('*');
    return row && toAnswer(row);
  },
});

/** Into the bin and out of it. */
const standing = (db: Knex) => ({
  /** Into the bin; false when another version is stored. Once there it stays there. */
  async remove({ householdId }: Scope, id: string, version: number): Promise<boolean> {
    const changed = await db<Row>('recipes')
      .where({ household_id: householdId, id, version })
      .whereNull('removed_at')
      .update({ removed_at: db.fn.now() });
    return changed > 0;
  },

  async restore({ householdId }: Scope, id: string): Promise<boolean> {
    const changed = await db<Row>('recipes')
      .where({ household_id: householdId, id })
      .update({ removed_at: null });
    return changed > 0;
  },
});

export const recipeStore = (db: Knex) => ({ ...reading(db), ...writing(db), ...standing(db) });

export type RecipeStore = ReturnType<typeof recipeStore>;
