import { Fits, nowhere, type Placed } from './fits';
import type { DayProblem } from './problem';

/** By so much earlier a bake is tried again where it found no place, minutes. */
const STEP = 5;

/** Items of a bake so that whatever follows one comes before it. */
function fromTheEnd(problem: DayProblem, bake: number): number[] {
  const own = problem.items.flatMap((one, at) => (one.bake === bake ? [at] : []));
  const waits = new Map(
    own.map((at) => [
      at,
      problem.gaps.filter(({ from, to }) => from === at && to !== at).map(({ to }) => to),
    ]),
  );
  const order: number[] = [];
  while (order.length < own.length) {
    const next = own.filter(
      (at) => !order.includes(at) && waits.get(at)!.every((one) => order.includes(one)),
    );
    if (next.length === 0) return own.reverse();
    order.push(next.at(-1)!);
  }
  return order;
}

/** The latest moment up to a limit at which an item fits. */
function latest(
  fits: Fits,
  problem: DayProblem,
  placed: Placed,
  at: number,
  limit: number,
): { readonly begin: number; readonly oven: number } | null {
  let low = problem.items[at]!.low;
  let high = Math.min(problem.items[at]!.high, limit);
  for (const { from, to, least, most } of problem.gaps) {
    if (from === at && placed.begins[to] !== undefined) {
      high = Math.min(high, placed.begins[to] - least);
      if (most !== null) low = Math.max(low, placed.begins[to] - most);
    }
    if (to === at && placed.begins[from] !== undefined) {
      low = Math.max(low, placed.begins[from] + least);
      if (most !== null) high = Math.min(high, placed.begins[from] + most);
    }
  }
  const ovenAt = fits.chancesOf(at);
  for (let begin = high; begin >= low; begin -= 1) {
    const oven = ovenAt(begin);
    if (oven !== null) return { begin, oven };
  }
  return null;
}

/** Puts one bake where it can be latest among those that are there; earlier and earlier until it fits. */
function insertBake(fits: Fits, problem: DayProblem, placed: Placed, bake: number): boolean {
  const order = fromTheEnd(problem, bake);
  const end = Math.max(...order.map((at) => problem.items[at]!.high));
  for (let limit = end; limit >= 0; limit -= STEP) {
    const done = order.every((at) => {
      const found = latest(fits, problem, placed, at, limit);
      if (!found) return false;
      placed.begins[at] = found.begin;
      placed.ovens[at] = found.oven < 0 ? undefined : found.oven;
      return true;
    });
    if (done) return true;
    for (const at of order) placed.begins[at] = placed.ovens[at] = undefined;
  }
  return false;
}

/** Begins everything as late as it can be with all others where they are, the last first, until nothing moves; loads only where asked. */
export function pushBack(problem: DayProblem, placed: Placed, loadsToo: boolean): void {
  const fits = new Fits(problem, placed);
  for (let moved = true; moved;) {
    moved = false;
    const order = problem.items
      .map((_, at) => at)
      .sort((a, b) => placed.begins[b]! - placed.begins[a]! || b - a);
    for (const at of order) {
      if (problem.items[at]!.load && !loadsToo) continue;
      const before = placed.begins[at]!;
      const found = latest(fits, problem, placed, at, Infinity);
      if (!found || found.begin <= before) continue;
      placed.begins[at] = found.begin;
      placed.ovens[at] = found.oven < 0 ? undefined : found.oven;
      moved = true;
    }
  }
}

/** Orders in which bakes are put in, until one leads to a plan: what has the least choice first, what takes longest first, and as they come. */
function ordersOf({ ask, items }: DayProblem): number[][] {
  const bakes = ask.bakes.map((_, bake) => bake);
  const least = (bake: number, of: (item: DayProblem['items'][number]) => number) =>
    Math.min(...items.filter((one) => one.bake === bake).map(of));
  const by = (of: (bake: number) => number) => [...bakes].sort((a, b) => of(a) - of(b) || a - b);
  return [
    by((bake) => least(bake, ({ low, high }) => high - low)),
    by((bake) => least(bake, ({ high }) => high)),
    bakes,
  ];
}

/** A first plan, bake by bake, each where it can be latest among those that are there. Null where no order leads to one. */
export function insertAll(problem: DayProblem): Placed | null {
  for (const order of ordersOf(problem)) {
    const placed = nowhere(problem);
    const fits = new Fits(problem, placed);
    if (order.every((bake) => insertBake(fits, problem, placed, bake))) return placed;
  }
  return null;
}
