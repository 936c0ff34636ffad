import type { Knex } from 'knex';
import type { BagAnswer, BagDto } from '@omniarton/contracts';
import { upcastBag } from '@omniarton/core/kitchen';
import { readable } from '../http/readable';
import type { Scope } from '../http/scope';
import { asJson, rowsOf } from '../db/json';

interface BagRow {
  household_id: string;
  created_by: string;
  created_at: Date;
  id: string;
  version: number;
  ingredient: string;
  doc_schema: number;
  doc: BagDto;
  removed_at: Date | null;
}

/** A bag without what is left of it. */
type StoredBag = Omit<BagAnswer, 'grams'>;
const toBag = ({ id, version, doc }: BagRow): StoredBag => ({
  id,
  version,
  doc: upcastBag<BagDto>(doc),
});

const columns = (db: Knex, doc: BagDto) => ({
  ingredient: doc.ingredient,
  doc_schema: doc.schema,
  doc: asJson(db, doc),
});

const reading = (db: Knex) => ({
  /** Every bag that isn't thrown out. */
  async list({ householdId }: Scope, limit: number): Promise<StoredBag[]> {
    const rows = await db<BagRow>('bags')
      .where({ household_id: householdId })
      .whereNull('removed_at')
      .orderBy(['ingredient', 'created_at', 'id'])
      .limit(limit);
    return readable(rows, toBag).items;
  },

  async find({ householdId }: Scope, id: string): Promise<StoredBag | undefined> {
    const row = await db<BagRow>('bags')
      .where({ household_id: householdId, id })
      .whereNull('removed_at')
      .first();
    return row && toBag(row);
  },

  async count({ householdId }: Scope): Promise<number> {
    const [row] = await rowsOf<{ bags: string }>(
      db('bags').where({ household_id: householdId }).whereNull('removed_at').count({ bags: '*' }),
    );
    return Number(row!.bags);
  },

  /** Holds some bags until the transaction ends, so that what is left of them can be counted on. In the order of their ids. */
  async hold({ householdId }: Scope, bags: readonly string[]): Promise<ReadonlySet<string>> {
    const rows = await db<BagRow>('bags')
      .where({ household_id: householdId })
      .whereIn('id', [...bags])
      .orderBy('id')
      .forUpdate()
      .select('id');
    return new Set(rows.map(({ id }) => id));
  },
});

const writing = (db: Knex) => ({
  /** False when the id is taken already. */
  async create({ householdId, personId }: Scope, id: string, doc: BagDto): Promise<boolean> {
    const rows = (await db<BagRow>('bags')
      .insert({ household_id: householdId, created_by: personId, id, version: 1, ...columns(db, doc) })
      .onConflict(['household_id', 'id'])
      .ignore()
      .returning('id')) as unknown[];
    return rows.length > 0;
  },

  /** False when another version is stored. */
  async replace({ householdId }: Scope, id: string, version: number, doc: BagDto): Promise<boolean> {
    const changed = await db<BagRow>('bags')
      .where({ household_id: householdId, id, version })
      .whereNull('removed_at')
      .update({ ...columns(db, doc), version: version + 1 });
    return changed > 0;
  },

  /** False when another version is stored. */
  async remove({ householdId }: Scope, id: string, version: number): Promise<boolean> {
    const changed = await db<BagRow>('bags')
      .where({ household_id: householdId, id, version })
      .whereNull('removed_at')
      .update({ removed_at: db.fn.now() });
    return changed > 0;
  },

  async restore({ householdId }: Scope, id: string): Promise<boolean> {
    const changed = await db<BagRow>('bags')
      .where({ household_id: householdId, id })
      .update({ removed_at: null });
    return changed > 0;
  },
});

export const bagStore = (db: Knex) => ({ ...reading(db), ...writing(db) });

export type BagStore = ReturnType<typeof bagStore>;
