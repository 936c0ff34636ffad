import type { Knex } from 'knex';
import type { Scope } from '../http/scope';

interface Row {
  household_id: string;
  created_by: string;
  version: number;
  doc_schema: number;
  doc: object;
}

/** The tables that hold one document a household. */
export type ShelfTable = 'settings' | 'kitchens' | 'days';

export interface Shelved<D> {
  readonly version: number;
  readonly doc: D;
}

/** One document a household, read and written whole. */
export const shelfStore = <D extends { readonly schema: number }>(
  db: Knex,
  table: ShelfTable,
  upcast: (stored: object) => D,
) => ({
  async find({ householdId }: Scope): Promise<Shelved<D> | undefined> {
    const row = (await db(table).where({ household_id: householdId }).first()) as Row | undefined;
    return row && { version: row.version, doc: upcast(row.doc) };
  },
  /** Undefined when another version is stored. Version 0 is "nothing stored yet". */
  async write({ householdId, personId }: Scope, version: number, doc: D): Promise<Shelved<D> | undefined> {
    const values = { version: version + 1, doc_schema: doc.schema, doc: JSON.stringify(doc) };
    const [row] = (
      version === 0
        ? await db(table)
            .insert({ household_id: householdId, created_by: personId, ...values })
            .onConflict(['household_id'])
            .ignore()
            .returning('*')
        : await db(table).where({ household_id: householdId, version }).update(values).returning('*')
    ) as Row[];
    return row && { version: row.version, doc };
  },
});

export type ShelfStore<D extends { readonly schema: number }> = ReturnType<typeof shelfStore<D>>;
