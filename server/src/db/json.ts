import type { Knex } from 'knex';

/** A document as a JSONB column takes it. */
export const asJson = (db: Knex, doc: object): Knex.Raw => db.raw('?::jsonb', [JSON.stringify(doc)]);

/** Rows as a query gives them that is too free to be typed by its table: their columns are what it selects. */
export async function rowsOf<Row>(query: PromiseLike<unknown>): Promise<readonly Row[]> {
  return (await query) as readonly Row[];
}
