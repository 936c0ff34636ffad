import { DaySearch } from './prove';
import { faultsOf, type Placed } from './fits';
import { heatBound, ovenHeat } from './heatBound';
import { insertAll, pushBack } from './insert';
import type { DayProblem } from './problem';

/** What came of the search for the latest begin. */
export interface Latest {
  readonly placed: Placed;
  /** Minutes of the axis: when it begins, and when at the latest any plan could. */
  readonly begins: number;
  readonly atBest: number;
  readonly proven: boolean;
}

/** Conflicts of one attempt at first; more each time that one was not enough. */
const SLICE = 250;

/** When the day begins: the first task that isn't of the evening before, an oven's preheating included. */
export function beginOf({ items, wake, preheat }: DayProblem, { begins }: Placed): number {
  const open = items.map((_, at) => at).filter((at) => !items[at]!.begun);
  const beginOfItem = (at: number) => begins[at]! - (items[at]!.load ? preheat : 0);
  const morning = open.filter((at) => wake === null || begins[at]! >= wake);
  return Math.min(...(morning.length > 0 ? morning : open).map(beginOfItem));
}

const eveningOf = ({ items, wake }: DayProblem, { begins }: Placed): number =>
  items.reduce(
    (sum, { hands }, at) =>
      wake !== null && begins[at]! < wake ? hands.reduce((all, one) => all + one.length, sum) : sum,
    0,
  );

/** The latest begin that propagation alone doesn't refute. */
function boundOf(search: DaySearch, evening: number, low: number, high: number): number {
  let [known, open] = [low, high];
  while (known < open) {
    const middle = Math.ceil((known + open) / 2);
    if (search.refuted(middle, evening)) open = middle - 1;
    else known = middle;
  }
  return known;
}

/** Items of a day whose conflicts are counted as they are. */
const USUAL_ITEMS = 80;

/** A conflict of a large day takes longer, with the square of its items: fewer of them are the same work. */
export const effort = ({ items }: DayProblem, work: number): number =>
  Math.ceil(work / Math.max(1, (items.length / USUAL_ITEMS) ** 2));

/** Some plan, by insertion or else by search; null where there is none, `stopped` where the work allowed didn't tell. */
export function somePlan(problem: DayProblem, search: DaySearch, work: number): Placed | 'stopped' | null {
  const inserted = insertAll(problem);
  if (inserted) {
    search.near(inserted);
    return inserted;
  }
  const answer = search.anyPlan(work);
  return answer === 'found' ? search.placed() : answer === 'none' ? null : 'stopped';
}

/**
 * Looks for the plan that asks least of the evening before, and of those the one that begins latest; yields each better plan, and null
 * while it looks. Null where there is none; `stopped` where none was found with the work that is allowed. Cut off by a count of
 * conflicts, never by the clock.
 */
export function* latestBegin(
  problem: DayProblem,
  allowed: number,
): Generator<Latest | null, Latest | 'stopped' | null, void> {
  const search = new DaySearch(problem);
  const floor = search.leastEvening();
  if (floor === null) return null;
  const work = effort(problem, allowed);
  const first = somePlan(problem, search, work);
  if (first === null || first === 'stopped') return first;
  let [best, evening] = [first, eveningOf(problem, first)];
  yield told(problem, { best, low: beginOf(problem, best), high: problem.horizon, evening }, true);
  // Least work on the evening before.
  for (let least = floor; least < evening && search.solver.conflicts < work / 2;) {
    const target = least + Math.floor((evening - least) / 4);
    const answer = search.solve(0, target, Math.min(effort(problem, 4 * SLICE), work));
    if (answer === 'none') least = target + 1;
    else if (answer === 'found') [best, evening] = [search.placed(), eveningOf(problem, search.placed())];
    else break;
    yield null;
  }
  return yield* latestOf(problem, search, best, evening, work);
}

/** How far the search is: what it knows, and what it is still after. */
interface Known {
  best: Placed;
  low: number;
  high: number;
  readonly evening: number;
}

/** A copy in which nothing could begin later where it is; loads stay where ovens are hot for the shortest. */
function told(problem: DayProblem, { best, low, high }: Known, loadsToo: boolean): Latest {
  const placed = { begins: [...best.begins], ovens: [...best.ovens] };
  pushBack(problem, placed, loadsToo);
  return {
    placed: faultsOf(problem, placed).length === 0 ? placed : best,
    begins: low,
    atBest: high,
    proven: low >= high,
  };
}

function* latestOf(
  problem: DayProblem,
  search: DaySearch,
  first: Placed,
  evening: number,
  work: number,
): Generator<Latest | null, Latest, void> {
  const begins = beginOf(problem, first);
  const known: Known = {
    best: first,
    low: begins,
    high: boundOf(search, evening, begins, problem.horizon),
    evening,
  };
  yield told(problem, known, true);
  let slice = effort(problem, SLICE);
  for (let turn = 0; known.low < known.high && search.solver.conflicts < work; turn += 1) {
    const { low, high } = known;
    const target = [high, Math.ceil((low + high) / 2), low + Math.ceil((high - low) / 4)][turn % 3]!;
    const answer = search.solve(target, evening, Math.min(slice, work - search.solver.conflicts));
    if (answer === 'none') known.high = target - 1;
    else if (answer === 'found') {
      known.best = search.placed();
      known.low = beginOf(problem, known.best);
      yield told(problem, known, true);
      continue;
    } else slice = Math.ceil(slice * 1.3);
    yield null;
  }
  return yield* cooler(problem, search, known);
}

/** Conflicts that the least oven heat is looked for with, beyond those for the begin; and of one attempt. */
const COOLER_WORK = 10_000;
const COOLER_SLICE = 1500;
/** Near enough to what no plan can do without. */
const COOL_ENOUGH = 1.05;

/** With the begin as it is, the least heat of ovens that is found: with a known gap, never proven. */
function* cooler(
  problem: DayProblem,
  search: DaySearch,
  known: Known,
): Generator<Latest | null, Latest, void> {
  const bound = heatBound(problem);
  const end = search.solver.conflicts + effort(problem, COOLER_WORK);
  let minutes = ovenHeat(problem, known.best).minutes;
  let step = 4;
  while (minutes > bound * COOL_ENOUGH && search.solver.conflicts < end && step < 64) {
    const target = minutes - Math.max(1, Math.floor((minutes - bound) / step));
    const answer = search.solveCooler(known.low, known.evening, target, effort(problem, COOLER_SLICE));
    if (answer === 'found') {
      known.best = search.placed();
      ({ minutes } = ovenHeat(problem, known.best));
    } else step *= 2;
    yield null;
  }
  return told(problem, known, false);
}
