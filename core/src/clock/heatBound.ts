import type { Placed } from './fits';
import { turning, type DayProblem } from './problem';

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

/**
 * Minutes of oven heat that no plan can do without: of each heat the longest load, or all of them on the shelves of the largest oven,
 * whichever is more. Two heats are never in one oven together, so these add up; and an oven that has two of them is turned between. Example: four trays of 18 minutes at one heat on two
 * shelves → 36.
 */
export function heatBound({ items, ask }: DayProblem): number {
  const shelves = Math.max(1, ...ask.ovens.map(({ racks }) => racks));
  const byHeat = new Map<number, { longest: number; held: number }>();
  for (const { load, length } of items) {
    if (!load) continue;
    const known = byHeat.get(load.celsius) ?? { longest: 0, held: 0 };
    byHeat.set(load.celsius, {
      longest: Math.max(known.longest, length),
      held: known.held + length * load.racks,
    });
  }
  const hot = [...byHeat.values()].reduce(
    (sum, { longest, held }) => sum + Math.max(longest, Math.ceil(held / shelves)),
    0,
  );
  const heats = [...byHeat.keys()].sort((a, b) => a - b);
  const turns = heats
    .slice(1)
    .map((celsius, at) => Math.min(turning(heats[at]!, celsius), turning(celsius, heats[at]!)));
  return (
    hot +
    Math.max(0, heats.length - ask.ovens.length) * Math.min(Infinity, ...(turns.length > 0 ? turns : [0]))
  );
}
