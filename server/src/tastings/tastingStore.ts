import type { Knex } from 'knex';
import type { TastingAnswer, TastingDto } from '@omniarton/contracts';
import { upcastTasting } from '@omniarton/core/taste';
import { asJson } from '../db/json';
import { readable } from '../http/readable';
import type { Scope } from '../http/scope';

interface Row {
  household_id: string;
  created_by: string;
  created_at: Date;
  id: string;
  recipe_id: string;
  version: number;
  doc_schema: number;
  doc: object;
}

const toAnswer = ({ id, version, doc }: Row): TastingAnswer => ({
  id,
  version,
  doc: upcastTasting<TastingDto>(doc),
});

const reading = (db: Knex) => ({
  /** Of a recipe, the newest first. */
  async list({ householdId }: Scope, recipe: string, limit: number): Promise<TastingAnswer[]> {
    const rows = await db<Row>('tastings')
      .where({ household_id: householdId, recipe_id: recipe })
      .orderBy([
        { column: 'created_at', order: 'desc' },
        { column: 'id', order: 'desc' },
      ])
      .limit(limit);
    return readable(rows as Row[], toAnswer).items;
  },

  /** Of all recipes that are here, those that are tasted now. */
  async goingOn(
    { householdId }: Scope,
    limit: number,
  ): Promise<(TastingAnswer & { readonly recipe: string })[]> {
    const rows = (await db<Row>('tastings')
      .join('recipes', (on) =>
        on
          .on('recipes.household_id', 'tastings.household_id')
          .andOn('recipes.id', 'tastings.recipe_id')
          .andOnNull('recipes.removed_at'),
      )
      .where('tastings.household_id', householdId)
      .whereRaw("tastings.doc->>'stage' = 'tasting'")
      .orderBy('tastings.created_at', 'desc')
      .limit(limit)
      .select('tastings.*')) as (Row & { recipe_id: string })[];
    return readable(rows, (row) => ({ ...toAnswer(row), recipe: row.recipe_id })).items;
  },

  async find({ householdId }: Scope, recipe: string, id: string): Promise<TastingAnswer | undefined> {
    const row = await db<Row>('tastings').where({ household_id: householdId, recipe_id: recipe, id }).first();
    return row && toAnswer(row as Row);
  },
});

export const tastingStore = (db: Knex) => ({
  ...reading(db),

  /** Undefined where the recipe isn't there, or the tasting is already. */
  async create(
    { householdId, personId }: Scope,
    recipe: string,
    id: string,
    doc: TastingDto,
  ): Promise<TastingAnswer | undefined> {
    const known = (await db('recipes')
      .where({ household_id: householdId, id: recipe })
      .first('id')) as unknown;
    if (!known) return undefined;
    const rows = await db<Row>('tastings')
      .insert({
        household_id: householdId,
        created_by: personId,
        id,
        recipe_id: recipe,
        version: 1,
        doc_schema: doc.schema,
        doc: asJson(db, doc),
      })
      .onConflict(['household_id', 'id'])
      .ignore()
      .returning('*');
    const [row] = rows as Row[];
    return row && toAnswer(row);
  },

  async replace(
    { householdId }: Scope,
    recipe: string,
    id: string,
    version: number,
    doc: TastingDto,
  ): Promise<TastingAnswer | undefined> {
    const rows = await db<Row>('tastings')
      .where({ household_id: householdId, recipe_id: recipe, id, version })
      .update({ version: version + 1, doc_schema: doc.schema, doc: asJson(db, doc) })
      .returning('*');
    const [row] = rows as Row[];
    return row && toAnswer(row);
  },

  async remove({ householdId }: Scope, recipe: string, id: string): Promise<boolean> {
    return (
      (await db<Row>('tastings').where({ household_id: householdId, recipe_id: recipe, id }).delete()) > 0
    );
  },
});

export type TastingStore = ReturnType<typeof tastingStore>;
