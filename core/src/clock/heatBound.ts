import type { Placed } from './fits';
import { turning, type DayProblem } from './problem';

/** The soonest and the latest that an item can begin, minutes of the axis. */
export interface Window {
  readonly low: number;
  readonly high: number;
}

/** Minutes between what comes first into an oven and what comes last out of it, all ovens together; and how many ovens that are. */
export function ovenHeat(
  { items, ask }: DayProblem,
  { begins, ovens }: Placed,
): { readonly minutes: number; readonly used: number } {
  let [minutes, used] = [0, 0];
  for (const oven of ask.ovens.keys()) {
    const inside = items.flatMap(({ load, length }, at) =>
      load && ovens[at] === oven ? [[begins[at]!, begins[at]! + length] as const] : [],
    );
    if (inside.length === 0) continue;
    used += 1;
    minutes += Math.max(...inside.map(([, to]) => to)) - Math.min(...inside.map(([from]) => from));
  }
  return { minutes, used };
}

/** A load and when it can be in an oven at all: from its soonest begin to the end of its latest. */
interface Chance {
  readonly racks: number;
  readonly length: number;
  readonly from: number;
  readonly to: number;
}

/** Loads of one heat that could be in an oven at the same time, or have others between them that could. */
function together(chances: readonly Chance[]): Chance[][] {
  const sets: Chance[][] = [];
  let end = -Infinity;
  for (const one of [...chances].sort((a, b) => a.from - b.from || a.to - b.to)) {
    if (one.from < end) sets.at(-1)!.push(one);
    else sets.push([one]);
    end = Math.max(end, one.to);
  }
  return sets;
}

/**
 * Minutes of oven heat that no plan can do without: of each heat, and of the loads of it that could meet, the longest, or all of them on
 * the shelves of the largest oven, whichever is more. Two heats are never in one oven together, so these add up; and an oven that has
 * two of them is turned between. `windows`: when each item can begin, as far as is known. Example: four trays of 18 minutes at one heat
 * on two shelves → 36; one that must be out before the other three can be in → 18 + 27.
 */
export function heatBound({ items, ask }: DayProblem, windows: readonly Window[] = items): number {
  const shelves = Math.max(1, ...ask.ovens.map(({ racks }) => racks));
  const byHeat = new Map<number, Chance[]>();
  items.forEach(({ load, length }, at) => {
    if (!load) return;
    const { low, high } = windows[at]!;
    const one = { racks: load.racks, length, from: low, to: high + length };
    byHeat.set(load.celsius, [...(byHeat.get(load.celsius) ?? []), one]);
  });
  const hot = [...byHeat.values()].flatMap(together).map((set) => {
    const held = set.reduce((sum, { length, racks }) => sum + length * racks, 0);
    return Math.max(Math.ceil(held / shelves), ...set.map(({ length }) => length));
  });
  const heats = [...byHeat.keys()].sort((a, b) => a - b);
  const turns = heats
    .slice(1)
    .map((celsius, at) => Math.min(turning(heats[at]!, celsius), turning(celsius, heats[at]!)));
  const cheapest = turns.length > 0 ? Math.min(...turns) : 0;
  return hot.reduce((sum, one) => sum + one, 0) + Math.max(0, heats.length - ask.ovens.length) * cheapest;
}
