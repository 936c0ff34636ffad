import type { Knex } from 'knex';
import type { MoveAnswer } from '@omniarton/contracts';
import type { Scope } from '../http/scope';
import { rowsOf } from '../db/json';

interface MovementRow {
  household_id: string;
  created_by: string;
  created_at: Date;
  move_id: string;
  bag_id: string;
  grams: string;
  why: MoveAnswer['why'];
  bake_id: string | null;
  undoes: string | null;
}

/** A movement to be written: by bag, what comes in (+) or goes out (−), g. */
export interface Movement {
  readonly id: string;
  readonly why: MoveAnswer['why'];
  readonly bake: string | null;
  readonly undoes: string | null;
  readonly entries: readonly { readonly bag: string; readonly grams: number }[];
  /** When it was made, of one from a file; else now. */
  readonly at?: Date;
}

function toMoves(rows: readonly MovementRow[], undone: ReadonlySet<string>): MoveAnswer[] {
  const moves = new Map<string, MoveAnswer & { entries: { bag: string; grams: number }[] }>();
  for (const row of rows) {
    const known = moves.get(row.move_id) ?? {
      id: row.move_id,
      why: row.why,
      at: row.created_at.toISOString(),
      undone: undone.has(row.move_id),
      entries: [],
    };
    known.entries.push({ bag: row.bag_id, grams: Number(row.grams) });
    moves.set(row.move_id, known);
  }
  return [...moves.values()];
}

/** What is left by the movements, and the writing of one. */
const balance = (db: Knex) => ({
  /** What is left of some bags, g: the sum of their movements. */
  async left({ householdId }: Scope, bags: readonly string[]): Promise<Map<string, number>> {
    const rows = await rowsOf<{ bag_id: string; left: string }>(
      db('movements')
        .where({ household_id: householdId })
        .whereIn('bag_id', [...bags])
        .groupBy('bag_id')
        .select('bag_id')
        .sum({ left: 'grams' }),
    );
    return new Map(rows.map(({ bag_id, left }) => [bag_id, Number(left)]));
  },

  /** Writes a movement down; entries that are there already (a repeat, or an undo of the undone) change nothing. */
  async write(
    { householdId, personId }: Scope,
    { id, why, bake, undoes, entries, at }: Movement,
  ): Promise<void> {
    if (entries.length === 0) return;
    await db('movements')
      .insert(
        entries.map(({ bag, grams }) => ({
          household_id: householdId,
          created_by: personId,
          move_id: id,
          bag_id: bag,
          grams,
          why,
          bake_id: bake,
          undoes,
          ...(at ? { created_at: at } : {}),
        })),
      )
      .onConflict()
      .ignore();
  },
});

const reading = (db: Knex) => ({
  async move({ householdId }: Scope, id: string): Promise<MoveAnswer | undefined> {
    const rows = await db<MovementRow>('movements').where({ household_id: householdId, move_id: id });
    const undone = (await db('movements')
      .where({ household_id: householdId, undoes: id })
      .first('undoes')) as unknown;
    return toMoves(rows, new Set(undone ? [id] : []))[0];
  },

  /** The newest movements, newest first. */
  async moves({ householdId }: Scope, limit: number): Promise<MoveAnswer[]> {
    const rows = await db<MovementRow>('movements')
      .where({ household_id: householdId })
      .orderBy([
        { column: 'created_at', order: 'desc' },
        { column: 'move_id', order: 'desc' },
        { column: 'bag_id', order: 'asc' },
      ])
      .limit(limit);
    const undone = new Set(rows.flatMap(({ undoes }) => (undoes === null ? [] : [undoes])));
    return toMoves(rows, undone);
  },

  /** Movements of a bake that haven't been undone. */
  async movesOfBake({ householdId }: Scope, bake: string): Promise<string[]> {
    const rows = await rowsOf<{ move_id: string }>(
      db('movements as m')
        .where({ 'm.household_id': householdId, 'm.bake_id': bake })
        .whereNull('m.undoes')
        .whereNotExists(
          db('movements as u')
            .whereRaw('u.household_id = m.household_id')
            .whereRaw('u.undoes = m.move_id')
            .select(db.raw('1')),
        )
        .distinct('m.move_id'),
    );
    return rows.map(({ move_id }) => move_id);
  },
});

export const movementStore = (db: Knex) => ({ ...balance(db), ...reading(db) });

export type MovementStore = ReturnType<typeof movementStore>;
