import type { Knex } from 'knex';
import type { Scope } from '../http/scope';

interface Row {
  household_id: string;
  created_by: string;
  id: string;
  fingerprint: string;
  answer: unknown;
  created_at: Date;
}

/** Answers are kept for a day: long enough for a page that was offline to try again. */
const KEEP = '1 day';

export const requestStore = (db: Knex) => ({
  /**
   * The first answer to a request. Where there is none yet, whoever asks holds the id until their transaction ends: ten
   * repeats at once wait for the first, and are given its answer.
   */
  async findOrHold(
    { householdId }: Scope,
    id: string,
  ): Promise<{ fingerprint: string; answer: unknown } | undefined> {
    await db.raw('SELECT pg_advisory_xact_lock(hashtextextended(?, 0))', [`${householdId} ${id}`]);
    return db<Row>('requests').where({ household_id: householdId, id }).first('fingerprint', 'answer');
  },
  async keep(
    { householdId, personId }: Scope,
    id: string,
    fingerprint: string,
    answer: unknown,
  ): Promise<void> {
    await db<Row>('requests')
      .insert({
        household_id: householdId,
        created_by: personId,
        id,
        fingerprint,
        answer: JSON.stringify(answer),
      })
      .onConflict(['household_id', 'id'])
      .ignore();
    await db('requests')
      .where({ household_id: householdId })
      .whereRaw('created_at < now() - ?::interval', [KEEP])
      .delete();
  },
});

export type RequestStore = ReturnType<typeof requestStore>;
