import type { Knex } from 'knex';

/** True when there is something worth a backup. */
export async function hasRecipes(db: Knex): Promise<boolean> {
  if (!(await db.schema.hasTable('recipes'))) return false;
  return (await db('recipes').first('id')) !== undefined;
}
