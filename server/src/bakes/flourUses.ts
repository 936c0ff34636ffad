import type { Knex } from 'knex';
import type { FlourUse } from '@omniarton/contracts';
import type { Scope } from '../http/scope';

/** The newest bakes whose docket has a flour in a blend. */
export async function bakesWithFlour(
  db: Knex,
  { householdId }: Scope,
  flour: string,
  limit: number,
): Promise<FlourUse[]> {
  const { rows } = await db.raw<{ rows: (Omit<FlourUse, 'grams'> & { grams: string })[] }>(
    `SELECT b.id, b.recipe_id AS recipe, d.doc #>> '{docket,title}' AS title, b.baked_on AS "bakedOn",
              b.doc #> '{notes,scores}' AS scores, sum((flour ->> 'grams')::numeric) AS grams
         FROM bakes b
         JOIN dockets d ON d.household_id = b.household_id AND d.id = b.docket_id
         CROSS JOIN LATERAL jsonb_array_elements(coalesce(d.doc #> '{docket,parts}', '[]')) AS part
         CROSS JOIN LATERAL jsonb_array_elements(coalesce(part -> 'blend', '[]')) AS flour
        WHERE b.household_id = ? AND b.removed_at IS NULL AND flour ->> 'ingredient' = ?
        GROUP BY b.household_id, b.id, b.recipe_id, b.baked_on, b.doc, d.doc
        ORDER BY b.baked_on DESC, b.id DESC
        LIMIT ?`,
    [householdId, flour, limit],
  );
  return rows.map((row) => ({ ...row, grams: Number(row.grams) }));
}
