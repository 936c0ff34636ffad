import { effort } from './effort';
import type { Placed } from './fits';
import { ovenHeat } from './heatBound';
import type { DayProblem } from './problem';
import type { DaySearch } from './prove';

/** Conflicts that the least oven heat is looked for with, of those that the day is allowed; and of one attempt with some bakes let go, or all. */
const SHARE = 1.2;
const SOME_WORK = 250;
const WHOLE_WORK = 2500;
/** Near enough to what no plan can do without. */
const COOL_ENOUGH = 1.05;
/** Bakes that are let go at a time. */
const LET_GO = [3, 4, 6] as const;

/** A plan whose begin stays as it is. */
interface Standing {
  readonly best: Placed;
  readonly begins: number;
  readonly evening: number;
  /** Minutes that no such plan can do without. */
  readonly heatAtLeast: number;
}

/** Sets of bakes that are let go together: neighbours in the ovens by time, and by heat. */
function setsOf({ items, ask }: DayProblem, { begins }: Placed): number[][] {
  const bakes = ask.bakes.map((_, bake) => bake);
  const first = (bake: number, of: (at: number) => number) =>
    Math.min(...items.flatMap((one, at) => (one.bake === bake && one.load ? [of(at)] : [])), Infinity);
  const byTime = [...bakes].sort(
    (a, b) => first(a, (at) => begins[at]!) - first(b, (at) => begins[at]!) || a - b,
  );
  const byHeat = [...bakes].sort(
    (a, b) =>
      first(a, (at) => items[at]!.load!.celsius) - first(b, (at) => items[at]!.load!.celsius) || a - b,
  );
  return LET_GO.flatMap((size) =>
    [byTime, byHeat].flatMap((order) =>
      order.length <= size
        ? []
        : Array.from({ length: order.length - size + 1 }, (_, at) => order.slice(at, at + size)),
    ),
  );
}

/**
 * With the begin as it is, the least heat of ovens that is found: first all bakes moved together, then a few at a time while the others
 * stay where they are, until no set of them gives anything. Its gap is known, never proven to be none. Yields while it looks.
 */
export function* cooler(
  problem: DayProblem,
  search: DaySearch,
  standing: Standing,
): Generator<null, Placed, void> {
  const enough = standing.heatAtLeast * COOL_ENOUGH;
  const end = search.solver.conflicts + effort(problem, SHARE * problem.ask.work);
  let best = standing.best;
  let { minutes } = ovenHeat(problem, best);
  const attempt = (target: number, held: ReadonlySet<number>, work: number): boolean => {
    search.near(best);
    const found =
      search.solveCooler(
        { ...standing, heat: target },
        { placed: best, bakes: held },
        effort(problem, work),
      ) === 'found';
    if (!found) return false;
    best = search.placed();
    ({ minutes } = ovenHeat(problem, best));
    return true;
  };
  for (let share = 2; share <= 16 && minutes > enough && search.solver.conflicts < end; yield null)
    if (!attempt(minutes - Math.max(1, Math.floor((minutes - enough) / share)), new Set(), WHOLE_WORK))
      share *= 2;
  const all = new Set(problem.ask.bakes.keys());
  for (let better = true; better && minutes > enough && search.solver.conflicts < end;) {
    better = false;
    for (const free of setsOf(problem, best)) {
      if (search.solver.conflicts >= end) break;
      const held = new Set([...all].filter((bake) => !free.includes(bake)));
      better = attempt(minutes - 1, held, SOME_WORK) || better;
      yield null;
    }
  }
  return best;
}
