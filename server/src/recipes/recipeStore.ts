import type { Knex } from 'knex';
import type { PageOf, RecipeAnswer, RecipeSummary } from '@omniarton/contracts';
import { upcastRecipe, type RecipeDocument } from '@omniarton/core/kitchen';
import type { FamilyId } from '@omniarton/core/vocabulary';
import type { Cursor } from '../http/cursor';
import type { Scope } from '../http/scope';
import { asJson } from '../db/json';

interface Row {
  household_id: string;
  created_by: string;
  id: string;
  version: number;
  title: string;
  family: FamilyId;
  source_text: string;
  doc_schema: number;
  doc: Omit<RecipeDocument, 'text'>;
  updated_at: Date;
  removed_at: Date | null;
}

/** What a list shows of a document, of whatever version: one that can't be read says nothing, and hides no other. */
type AnyDocument = {
  readonly asRead?: Partial<RecipeDocument['asRead']>;
  readonly request?: Partial<RecipeDocument['request']> & { readonly people?: readonly string[] };
};

function toSummary({
  id,
  version,
  title,
  family,
  updated_at,
  doc,
  bakes,
}: Row & { readonly bakes: string }): RecipeSummary {
  const { asRead, request }: AnyDocument = doc;
  const seated = request?.seats?.flatMap((seat) => (seat.id === null ? [] : [seat.id]));
  return {
    id,
    version,
    title,
    family,
    batchGrams: asRead?.batchGrams ?? null,
    diet: request?.diet ?? 'gluten-free',
    without: request?.without ?? [],
    people: seated ?? request?.people ?? [],
    bakes: Number(bakes),
    updatedAt: updated_at.toISOString(),
  };
}

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
    doc_schema: doc.schema,
    doc: asJson(db, doc),
  };
}

/** How many bakes of a recipe are in its log. */
const BAKES = `(SELECT count(*) FROM bakes b
   WHERE b.household_id = recipes.household_id AND b.recipe_id = recipes.id AND b.removed_at IS NULL) AS bakes`;

const reading = (db: Knex) => ({
  async find({ householdId }: Scope, id: string): Promise<RecipeAnswer | undefined> {
    const row = await db<Row>('recipes')
      .where({ household_id: householdId, id })
      .whereNull('removed_at')
      .first();
    return row && toAnswer(row);
  },

  /** Newest first. The cursor names the last row of the page before. */
  async list(
    { householdId }: Scope,
    limit: number,
    cursor?: Cursor,
  ): Promise<PageOf<RecipeSummary> & { last?: Cursor }> {
    const query = db<Row>('recipes').where({ household_id: householdId }).whereNull('removed_at');
    if (cursor)
      void query.whereRaw('(updated_at, id) < (?::timestamptz, ?::uuid)', [...cursor.before, cursor.id]);
    const rows = await query
      .orderBy([
        { column: 'updated_at', order: 'desc' },
        { column: 'id', order: 'desc' },
      ])
      .limit(limit + 1)
      .select<(Row & { stamp: string; bakes: string })[]>(
        '*',
        db.raw('updated_at::text AS stamp'),
        db.raw(BAKES),
      );
    const page = rows.slice(0, limit);
    const last = page.at(-1);
    return {
      items: page.map(toSummary),
      next: null,
      ...(rows.length > limit && last ? { last: { before: [last.stamp], id: last.id } } : {}),
    };
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
