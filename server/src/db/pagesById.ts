import type { Knex } from 'knex';

const BEFORE_ALL = '00000000-0000-0000-0000-000000000000';

/** The rows that a query finds, in the order of their ids, a page at a time: however many there are, one page lies in memory. */
export async function* pagesById<Row extends { readonly id: string }>(
  find: () => Knex.QueryBuilder,
  size: number,
): AsyncGenerator<Row[]> {
  for (let after = BEFORE_ALL; ;) {
    const rows = (await find().where('id', '>', after).orderBy('id').limit(size)) as Row[];
    yield rows;
    if (rows.length < size) return;
    after = rows.at(-1)!.id;
  }
}
