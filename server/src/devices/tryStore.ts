import type { Knex } from 'knex';

/** Tries from one place are counted for so long. */
const WINDOW = "interval '10 minutes'";

export const tryStore = (db: Knex) => ({
  /** Counts a try before it is made, so that many at once are counted too. */
  async count(key: string): Promise<number> {
    const { rows } = (await db.raw(
      `INSERT INTO tries (key, count) VALUES (?, 1)
       ON CONFLICT (key) DO UPDATE SET
         count = CASE WHEN tries.since < now() - ${WINDOW} THEN 1 ELSE tries.count + 1 END,
         since = CASE WHEN tries.since < now() - ${WINDOW} THEN now() ELSE tries.since END
       RETURNING count`,
      [key],
    )) as { rows: { count: number }[] };
    return rows[0]!.count;
  },
  async forgive(key: string): Promise<void> {
    await db('tries').where({ key }).delete();
  },
  async purge(): Promise<void> {
    await db('tries').whereRaw(`since < now() - ${WINDOW}`).delete();
  },
});

export type TryStore = ReturnType<typeof tryStore>;
