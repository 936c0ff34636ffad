import type { Knex } from 'knex';
import type { Binned } from '@omniarton/contracts';
import type { Scope } from '../http/scope';
import { rowsOf } from '../db/json';

interface Row {
  readonly id: string;
  readonly recipe: string | null;
  readonly name: string;
  readonly removed_at: Date;
}
type Kind = Binned['kind'];
const TABLES: Readonly<Record<Kind, string>> = { recipe: 'recipes', bag: 'bags', bake: 'bakes' };

const toBinned =
  (kind: Kind) =>
  ({ id, recipe, name, removed_at }: Row): Binned => ({
    kind,
    id,
    recipe,
    name,
    removedAt: removed_at.toISOString(),
  });

export const binStore = (db: Knex) => ({
  /** What was removed, the newest first. A bake of a recipe that is in the bin as well goes and comes with it. */
  async list({ householdId }: Scope, limit: number): Promise<Binned[]> {
    const removed = (table: string) =>
      db(table).where(`${table}.household_id`, householdId).whereNotNull(`${table}.removed_at`).limit(limit);
    const recipes = await rowsOf<Row>(
      removed('recipes').select('id', 'removed_at', {
        name: 'title',
        recipe: db.raw('NULL'),
      }),
    );
    const bags = await rowsOf<Row>(
      removed('bags').select('id', 'removed_at', {
        name: db.raw(`coalesce(nullif(doc ->> 'note', ''), ingredient)`),
        recipe: db.raw('NULL'),
      }),
    );
    const bakes = await rowsOf<Row>(
      removed('bakes')
        .join(
          'recipes as r',
          (on) => void on.on('r.household_id', 'bakes.household_id').on('r.id', 'bakes.recipe_id'),
        )
        .whereNull('r.removed_at')
        .select('bakes.id', 'bakes.removed_at', {
          name: db.raw(`r.title || ', ' || bakes.baked_on::text`),
          recipe: 'bakes.recipe_id',
        }),
    );
    return [
      ...recipes.map(toBinned('recipe')),
      ...bags.map(toBinned('bag')),
      ...bakes.map(toBinned('bake')),
    ].sort((a, b) => (a.removedAt < b.removedAt ? 1 : -1));
  },

  /** Takes one thing out of the bin for good; false where it isn't in it. */
  async erase({ householdId }: Scope, kind: Kind, id: string): Promise<boolean> {
    const gone = await db(TABLES[kind])
      .where({ household_id: householdId, id })
      .whereNotNull('removed_at')
      .delete();
    return gone > 0;
  },

  /** Empties every bin of what has lain in it for longer than so many days. */
  async purge(days: number): Promise<void> {
    for (const table of Object.values(TABLES))
      await db(table).whereRaw(`removed_at < now() - make_interval(days => ?)`, [days]).delete();
    await db.raw(
      `UPDATE kitchens SET version = version + 1, doc = jsonb_set(doc, '{bin}', coalesce((
         SELECT jsonb_agg(one) FROM jsonb_array_elements(doc -> 'bin') AS one
          WHERE (one ->> 'on')::date >= current_date - ?::int), '[]'))
        WHERE EXISTS (SELECT 1 FROM jsonb_array_elements(coalesce(doc -> 'bin', '[]')) AS one
                       WHERE (one ->> 'on')::date < current_date - ?::int)`,
      [days, days],
    );
  },
});

export type BinStore = ReturnType<typeof binStore>;
