import type { Knex } from 'knex';
import type { BakeAnswer, BakeDto } from '@omniarton/contracts';
import type { Scope } from '../http/scope';

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

const toAnswer = ({ id, version, created_at, doc }: Row): BakeAnswer => ({
  id,
  version,
  createdAt: created_at.toISOString(),
  doc,
});

const columns = (doc: BakeDto) => ({
  docket_id: doc.docket,
  baked_on: doc.notes.bakedOn,
  doc_schema: doc.schema,
  doc: JSON.stringify(doc) as unknown as BakeDto,
});

export const bakeStore = (db: Knex) => ({
  async find({ householdId }: Scope, recipeId: string, id: string): Promise<BakeAnswer | undefined> {
    const row = await db<Row>('bakes')
      .where({ household_id: householdId, recipe_id: recipeId, id })
      .whereNull('removed_at')
      .first();
    return row && toAnswer(row);
  },
  /** Newest day first. */
  async list({ householdId }: Scope, recipeId: string, limit: number): Promise<BakeAnswer[]> {
    const rows = await db<Row>('bakes')
      .where({ household_id: householdId, recipe_id: recipeId })
      .whereNull('removed_at')
      .orderBy([
        { column: 'baked_on', order: 'desc' },
        { column: 'created_at', order: 'desc' },
        { column: 'id', order: 'desc' },
      ])
      .limit(limit);
    return rows.map(toAnswer);
  },
  /** True when the recipe holds this docket. */
  async hasDocket({ householdId }: Scope, recipeId: string, docketId: string): Promise<boolean> {
    const row = (await db('dockets')
      .where({ household_id: householdId, recipe_id: recipeId, id: docketId })
      .first('id')) as unknown;
    return row !== undefined;
  },
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
        ...columns(doc),
      })
      .onConflict(['household_id', 'id'])
      .ignore()
      .returning('*');
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
      .update({ ...columns(doc), version: version + 1 })
      .returning('*');
    return row && toAnswer(row);
  },
  async remove({ householdId }: Scope, recipeId: string, id: string): Promise<boolean> {
    const changed = await db<Row>('bakes')
      .where({ household_id: householdId, recipe_id: recipeId, id })
      .update({ removed_at: db.fn.now() as unknown as Date });
    return changed > 0;
  },
});

export type BakeStore = ReturnType<typeof bakeStore>;
