import type { Knex } from 'knex';
import type { BakeDto, FlourUse } from '@omniarton/contracts';
import { upcastBake } from '@omniarton/core/kitchen';
import type { Scope } from '../http/scope';
import { rowsOf } from '../db/json';

interface Row extends Omit<FlourUse, 'grams' | 'marks'> {
  readonly grams: string;
  readonly doc: object;
}

/** What bakes used of their flours: rows of their own, written with the bake from its docket. */
export const flourUseStore = (db: Knex) => ({
  /** Writes anew what a bake used, by the docket that it names. */
  async write({ householdId }: Scope, bake: string): Promise<void> {
    await db('flour_uses').where({ household_id: householdId, bake_id: bake }).delete();
    await db.raw(
      `INSERT INTO flour_uses (household_id, bake_id, flour, grams, title, baked_on)
       SELECT b.household_id, b.id, flour ->> 'ingredient', sum((flour ->> 'grams')::numeric),
              coalesce(d.doc #>> '{docket,title}', ''), b.baked_on
         FROM bakes b
         JOIN dockets d ON d.household_id = b.household_id AND d.id = b.docket_id
         CROSS JOIN LATERAL jsonb_array_elements(coalesce(d.doc #> '{docket,parts}', '[]')) AS part
         CROSS JOIN LATERAL jsonb_array_elements(coalesce(part -> 'blend', '[]')) AS flour
        WHERE b.household_id = ? AND b.id = ?
          AND flour ->> 'ingredient' IS NOT NULL AND flour ->> 'grams' IS NOT NULL
        GROUP BY b.household_id, b.id, b.baked_on, flour ->> 'ingredient', d.doc #>> '{docket,title}'`,
      [householdId, bake],
    );
  },

  /** The newest bakes whose docket has a flour in a blend. */
  async newest({ householdId }: Scope, flour: string, limit: number): Promise<FlourUse[]> {
    const rows = await rowsOf<Row>(
      db('flour_uses as u')
        .join('bakes as b', (on) => void on.on('b.household_id', 'u.household_id').on('b.id', 'u.bake_id'))
        .where({ 'u.household_id': householdId, 'u.flour': flour })
        .whereNull('b.removed_at')
        .orderBy([
          { column: 'u.baked_on', order: 'desc' },
          { column: 'u.bake_id', order: 'desc' },
        ])
        .limit(limit)
        .select({
          id: 'b.id',
          recipe: 'b.recipe_id',
          title: 'u.title',
          bakedOn: 'u.baked_on',
          doc: 'b.doc',
          grams: 'u.grams',
        }),
    );
    return rows.map(({ doc, grams, ...row }) => ({
      ...row,
      grams: Number(grams),
      marks: upcastBake<BakeDto>(doc).notes.looks[0]?.marks ?? {},
    }));
  },
});

export type FlourUseStore = ReturnType<typeof flourUseStore>;
