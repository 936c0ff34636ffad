import { poolOf } from './tins';
import { FRIDGE, TABLE, type DayAsk, type Edge, type Hold } from './types';

/** A moment of a day as numbers: so long after an item begins; of none, so long after the axis' begin. */
export interface Mark {
  readonly item: number | null;
  readonly after: number;
}

/** Something that takes up room from one moment to another. */
export interface Stay {
  readonly amount: number;
  readonly from: Mark;
  readonly to: Mark;
}

/** What there is only so much of, and what wants it: more than it holds, else it isn't counted. */
export interface Place {
  readonly id: string;
  /** Of the tin; null: it is the fridge. */
  readonly name: string | null;
  readonly room: number;
  readonly stays: readonly Stay[];
}

/** What a hold of one bake is in numbers: where each of its tasks is, how long that is, and when the bake is on the table. */
export interface HoldOf {
  readonly hold: Hold;
  readonly at: (task: string) => number;
  readonly lengthOf: (task: string) => number;
  readonly table: number;
}

const markOf = ({ task, at, after }: Edge, { at: place, lengthOf, table }: HoldOf): Mark =>
  task === TABLE
    ? { item: null, after: table + after }
    : { item: place(task), after: (at === 'end' ? lengthOf(task) : 0) + after };

/** The places of a day that could be too small. */
export function placesOf({ fridge, tins }: DayAsk, holds: readonly HoldOf[]): Place[] {
  const ids = [...new Set(holds.map(({ hold }) => hold.place))].sort();
  return ids.flatMap((id): Place[] => {
    const own = tins.find((one) => one.id === id);
    const room = id === FRIDGE ? fridge : (poolOf(tins, own?.size ?? null)?.count ?? null);
    if (room === null) return [];
    const stays = holds
      .filter(({ hold }) => hold.place === id)
      .map((one): Stay => ({
        amount: Math.min(one.hold.amount, room),
        from: markOf(one.hold.from, one),
        to: markOf(one.hold.to, one),
      }));
    const wanted = stays.reduce((sum, { amount }) => sum + amount, 0);
    return wanted > room ? [{ id, name: own?.name ?? null, room, stays }] : [];
  });
}

/** When something is where it is; null: that isn't known yet. */
export function stayOf(
  { from, to }: Stay,
  beginOf: (item: number) => number | undefined,
): readonly [from: number, to: number] | null {
  const when = ({ item, after }: Mark) => {
    const begin = item === null ? 0 : beginOf(item);
    return begin === undefined ? null : begin + after;
  };
  const [begin, end] = [when(from), when(to)];
  return begin === null || end === null ? null : [begin, end];
}
