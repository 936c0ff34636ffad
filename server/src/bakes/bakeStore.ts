import type { Knex } from 'knex';
import type { BakeAnswer, BakeDto } from '@omniarton/contracts';
import type { Foretold } from '@omniarton/core/log';
import { upcastBake } from '@omniarton/core/kitchen';
import type { Cursor } from '../http/cursor';
import { readable } from '../http/readable';
import type { Scope } from '../http/scope';
import { asJson } from '../db/json';

interface Row {
  household_id: string;
  created_by: string;
  created_at: Date;
  id: string;
  version: number;
  recipe_id: string;
  docket_id: string;
  baked_on: string;
  doc_schema: number;
  doc: BakeDto;
  removed_at: Date | null;
}

interface FullRow extends Row {
  foretold: Omit<Foretold, 'stretch'> & { readonly stretch: number | null };
}

/** What the docket of a bake foretold, in the same question; dockets that are older than `stretch` have their `anchor`. */
const foretold = (db: Knex) =>
  db.raw(`(
    SELECT jsonb_build_object(
             'minutes', bake -> 'minutes', 'ovenCelsius', bake -> 'ovenCelsius',
             'stretch', coalesce(bake -> 'stretch', bake -> 'anchor'))
      FROM dockets, jsonb_extract_path(dockets.doc, 'docket', 'bake') AS bake
     WHERE dockets.household_id = bakes.household_id AND dockets.id = bakes.docket_id) AS foretold`);

const toAnswer = ({ id, version, created_at, doc, foretold: { stretch, ...bake } }: FullRow): BakeAnswer => ({
  id,
  version,
  createdAt: created_at.toISOString(),
  doc: upcastBake<BakeDto>(doc),
  foretold: { ...bake, stretch: stretch ?? 1 },
});

const columns = (db: Knex, doc: BakeDto) => ({
  docket_id: doc.docket,
  baked_on: doc.notes.bakedOn,
  doc_schema: doc.schema,
  doc: asJson(db, doc),
});

/** Off the log and back on it, and what a bake stands on. */
const standing = (db: Knex) => ({
  /** True when the recipe holds this docket. */
  async hasDocket({ householdId }: Scope, recipeId: string, docketId: string): Promise<boolean> {
    const row = (await db('dockets')
      .where({ household_id: householdId, recipe_id: recipeId, id: docketId })
      .first('id')) as unknown;
    return row !== undefined;
  },
  /** False when another version is stored. */
  async remove({ householdId }: Scope, recipeId: string, id: string, version: number): Promise<boolean> {
    const changed = await db<Row>('bakes')
      .where({ household_id: householdId, recipe_id: recipeId, id, version })
      .whereNull('removed_at')
      .update({ removed_at: db.fn.now() });
    return changed > 0;
  },
  async restore({ householdId }: Scope, recipeId: string, id: string): Promise<boolean> {
    const changed = await db<Row>('bakes')
      .where({ household_id: householdId, recipe_id: recipeId, id })
      .update({ removed_at: null });
    return changed > 0;
  },
});

const reading = (db: Knex) => ({
  async find({ householdId }: Scope, recipeId: string, id: string): Promise<BakeAnswer | undefined> {
    const row = await db<Row>('bakes')
      .where({ household_id: householdId, recipe_id: recipeId, id })
      .whereNull('removed_at')
      .first<FullRow | undefined>('*', foretold(db));
    return row && toAnswer(row);
  },
  /** Newest day first. The cursor names the last row of the page before. */
  async list(
    { householdId }: Scope,
    recipeId: string,
    limit: number,
    cursor?: Cursor,
  ): Promise<{ items: BakeAnswer[]; unreadable: number; last?: Cursor }> {
    const query = db<Row>('bakes')
      .where({ household_id: householdId, recipe_id: recipeId })
      .whereNull('removed_at');
    if (cursor)
      void query.whereRaw('(baked_on, created_at, id) < (?::date, ?::timestamptz, ?::uuid)', [
        ...cursor.before,
        cursor.id,
      ]);
    const rows = await query
      .orderBy([
        { column: 'baked_on', order: 'desc' },
        { column: 'created_at', order: 'desc' },
        { column: 'id', order: 'desc' },
      ])
      .limit(limit + 1)
      .select<(FullRow & { stamp: string })[]>('*', db.raw('created_at::text AS stamp'), foretold(db));
    const page = rows.slice(0, limit);
    const last = page.at(-1);
    return {
      ...readable(page, toAnswer),
      ...(rows.length > limit && last ? { last: { before: [last.baked_on, last.stamp], id: last.id } } : {}),
    };
  },
});

const writing = (db: Knex) => ({
  /** Undefined when the id is taken already. */
  async create(
    { householdId, personId }: Scope,
    recipeId: string,
    id: string,
    doc: BakeDto,
  ): Promise<BakeAnswer | undefined> {
    const [row] = await db<Row>('bakes')
      .insert({
        household_id: householdId,
        created_by: personId,
        id,
        version: 1,
        recipe_id: recipeId,
        ...columns(db, doc),
      })
      .onConflict(['household_id', 'id'])
      .ignore()
      .returning<FullRow[]>(['*', foretold(db)]);
    return row && toAnswer(row);
  },
  /** Undefined when another version is stored. */
  async replace(
    { householdId }: Scope,
    recipeId: string,
    id: string,
    version: number,
    doc: BakeDto,
  ): Promise<BakeAnswer | undefined> {
    const [row] = await db<Row>('bakes')
      .where({ household_id: householdId, recipe_id: recipeId, id, version })
      .whereNull('removed_at')
      .update({ ...columns(db, doc), version: version + 1 })
      .returning<FullRow[]>(['*', foretold(db)]);
    return row && toAnswer(row);
  },
});

export const bakeStore = (db: Knex) => ({ ...reading(db), ...writing(db), ...standing(db) });

export type BakeStore = ReturnType<typeof bakeStore>;
