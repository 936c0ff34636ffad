import type { Knex } from 'knex';
import type { TouchesAnswer } from '@omniarton/contracts';
import { pagesById } from '../db/pagesById';
import type { Scope } from '../http/scope';
import { rowsOf } from '../db/json';

interface Document {
  readonly id: string;
  readonly doc: object;
}
type Change = (doc: object) => object;
const PAGE = 200;

async function countOf(rows: Knex.QueryBuilder): Promise<number> {
  const [row] = await rowsOf<{ all: string }>(rows.count({ all: '*' }));
  return Number(row?.all ?? 0);
}

/** What goes whole. */
const whole = (db: Knex) => ({
  /** Takes a recipe away for good with all that hangs on it; undefined where there is none. */
  async recipe({ householdId }: Scope, id: string): Promise<{ dockets: number; bakes: number } | undefined> {
    const own = { household_id: householdId, recipe_id: id };
    const dockets = await countOf(db('dockets').where(own));
    const bakes = await countOf(db('bakes').where(own));
    const bakeIds = db('bakes').where(own).select('id');
    await db('movements')
      .where({ household_id: householdId })
      .whereIn('bake_id', bakeIds)
      .update({ bake_id: null });
    const gone = await db('recipes').where({ household_id: householdId, id }).delete();
    return gone > 0 ? { dockets, bakes } : undefined;
  },

  /** Takes a household away with all that is in it. */
  async household({ householdId }: Scope): Promise<{ recipes: number; dockets: number; bakes: number }> {
    const own = { household_id: householdId };
    const counts = {
      recipes: await countOf(db('recipes').where(own)),
      dockets: await countOf(db('dockets').where(own)),
      bakes: await countOf(db('bakes').where(own)),
    };
    await db('households').where({ id: householdId }).delete();
    return counts;
  },

  /** Makes an empty household in the place of the last one of a person's own. */
  async emptyHome({ personId }: Scope, id: string, name: string): Promise<void> {
    await db('households').insert({ id, created_by: personId, name, demo: false });
    await db('members').insert({ household_id: id, person_id: personId });
  },

  async hasHome({ personId }: Scope): Promise<boolean> {
    const row = (await db('members')
      .join('households', 'households.id', 'members.household_id')
      .where({ person_id: personId, demo: false })
      .first('households.id')) as unknown;
    return row !== undefined;
  },
});

export const eraseStore = (db: Knex) => ({
  ...whole(db),

  /** Recipes at whose table a person sits, or that keep dockets which were guarded for them; those in the bin too. */
  async touchedBy({ householdId }: Scope, person: string): Promise<TouchesAnswer['recipes']> {
    const kept = db('dockets')
      .where({ household_id: householdId })
      .whereRaw('doc::text LIKE ?', [`%${person}%`])
      .groupBy('recipe_id')
      .select('recipe_id')
      .count({ dockets: '*' })
      .as('kept');
    const seated = db.raw(`(r.doc -> 'request' @> ANY (ARRAY[?::jsonb, ?::jsonb]))`, [
      JSON.stringify({ seats: [{ id: person }] }),
      JSON.stringify({ people: [person] }),
    ]);
    const rows = await rowsOf<{
      id: string;
      title: string;
      seated: boolean;
      dockets: string | null;
    }>(
      db('recipes as r')
        .leftJoin(kept, 'kept.recipe_id', 'r.id')
        .where({ 'r.household_id': householdId })
        .where((either) => void either.whereRaw(seated).orWhereNotNull('kept.dockets'))
        .orderBy('r.title')
        .select('r.id', 'r.title', { seated, dockets: 'kept.dockets' }),
    );
    return rows.map(({ dockets, ...one }) => ({ ...one, dockets: Number(dockets ?? 0) }));
  },

  /** Writes every document of a table that names a person anew; says how many. A changed recipe is a new version of it. */
  async rewrite(
    { householdId }: Scope,
    table: 'recipes' | 'dockets' | 'tastings',
    person: string,
    change: Change,
  ): Promise<number> {
    const naming = () =>
      db(table)
        .where({ household_id: householdId })
        .whereRaw('doc::text LIKE ?', [`%${person}%`])
        .select('id', 'doc');
    let changed = 0;
    for await (const rows of pagesById<Document>(naming, PAGE)) {
      for (const { id, doc } of rows)
        await db(table)
          .where({ household_id: householdId, id })
          .update({
            doc: JSON.stringify(change(doc)),
            ...(table !== 'dockets' ? { version: db.raw('version + 1') } : {}),
          });
      changed += rows.length;
    }
    return changed;
  },

  /** First answers to repeated requests hold whole documents: they go at once. */
  async dropRequests({ householdId }: Scope): Promise<void> {
    await db('requests').where({ household_id: householdId }).delete();
  },
});

export type EraseStore = ReturnType<typeof eraseStore>;
