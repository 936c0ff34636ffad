import type { Knex } from 'knex';
import type { DocketAnswer, DocketSummary, KeptDocketDto } from '@omniarton/contracts';
import { upcastDocket } from '@omniarton/core/docket';
import { upcastRecipe } from '@omniarton/core/kitchen';
import type { Scope } from '../http/scope';
import { asJson } from '../db/json';

interface Row {
  household_id: string;
  created_by: string;
  id: string;
  recipe_id: string;
  engine: string;
  doc_schema: number;
  doc: KeptDocketDto;
  created_at: Date;
}

const toSummary = ({ id, engine, created_at }: Row): DocketSummary => ({
  id,
  engine,
  createdAt: created_at.toISOString(),
});

export const docketStore = (db: Knex) => ({
  async find({ householdId }: Scope, recipeId: string, id: string): Promise<DocketAnswer | undefined> {
    const row = await db<Row>('dockets')
      .where({ household_id: householdId, recipe_id: recipeId, id })
      .first();
    if (!row) return undefined;
    const { doc } = row;
    return {
      ...toSummary(row),
      doc: { ...doc, from: upcastRecipe(doc.from), docket: upcastDocket(doc.docket) },
    };
  },
  async list({ householdId }: Scope, recipeId: string, limit: number): Promise<DocketSummary[]> {
    const rows = await db<Row>('dockets')
      .where({ household_id: householdId, recipe_id: recipeId })
      .orderBy([
        { column: 'created_at', order: 'desc' },
        { column: 'id', order: 'desc' },
      ])
      .limit(limit);
    return rows.map(toSummary);
  },
  /** A docket is never changed: keeping the same id twice keeps the first. `at`: when it was kept first, of one from a file. */
  async create(
    { householdId, personId }: Scope,
    recipeId: string,
    id: string,
    doc: KeptDocketDto,
    at?: Date,
  ): Promise<boolean> {
    const known = (await db('recipes')
      .where({ household_id: householdId, id: recipeId })
      .first('id')) as unknown;
    if (!known) return false;
    const rows = (await db<Row>('dockets')
      .insert({
        household_id: householdId,
        created_by: personId,
        id,
        recipe_id: recipeId,
        engine: doc.engine,
        doc_schema: doc.schema,
        doc: asJson(db, doc),
        ...(at ? { created_at: at } : {}),
      })
      .onConflict(['household_id', 'id'])
      .ignore()
      .returning('id')) as unknown[];
    return rows.length > 0;
  },
});

export type DocketStore = ReturnType<typeof docketStore>;
