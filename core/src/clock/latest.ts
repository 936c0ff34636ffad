import { DaySearch } from './prove';
import { faultsOf, type Placed } from './fits';
import { cooler } from './cooler';
import { effort } from './effort';
import { heatBound } from './heatBound';
import { insertAll, pushBack } from './insert';
import type { DayProblem } from './problem';

/** What came of the search for the latest begin. */
export interface Latest {
  readonly placed: Placed;
  /** Minutes of the axis: when it begins, and when at the latest any plan could. */
  readonly begins: number;
  readonly atBest: number;
  readonly proven: boolean;
  /** Minutes of oven heat that no plan with that begin can do without. */
  readonly heatAtLeast: number;
}

/** Conflicts of one attempt at first; more each time that one was not enough. */
const SLICE = 250;

/**
 * When the day begins: the first task that isn't of the evening before, an oven's preheating included. At the table where all of it is
 * done on the evening before.
 */
export function beginOf({ items, wake, preheat, horizon }: DayProblem, { begins }: Placed): number {
  const morning = items.flatMap(({ load, begun }, at) =>
    begun || (wake !== null && begins[at]! < wake) ? [] : [begins[at]! - (load ? preheat : 0)],
  );
  return Math.min(horizon, ...morning);
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
  yield {
    placed: best,
    begins: beginOf(problem, best),
    atBest: problem.horizon,
    proven: false,
    heatAtLeast: heatBound(problem),
  };
  // Least work on the evening before.
  for (let least = floor; least < evening && search.solver.conflicts < work / 2;) {
    const target = least + Math.floor((evening - least) / 4);
    const answer = search.solve(0, target, Math.min(effort(problem, 4 * SLICE), work));
    if (answer === 'none') least = target + 1;
    else if (answer === 'found') {
      best = search.placed();
      evening = Math.min(target, eveningOf(problem, best));
    } else break;
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
  heatAtLeast: number;
}

/** A copy in which nothing could begin later where it is; loads stay where ovens are hot for the shortest. What the second judge finds fault with never goes out. */
function told(problem: DayProblem, { best, low, high, heatAtLeast }: Known, loadsToo: boolean): Latest {
  const placed = { begins: [...best.begins], ovens: [...best.ovens] };
  pushBack(problem, placed, loadsToo);
  const kept = [placed, best].find((one) => faultsOf(problem, one).length === 0);
  if (!kept) throw new RangeError(`A plan breaks its day: ${faultsOf(problem, best).join(', ')}.`);
  return {
    placed: kept,
    begins: low,
    atBest: high,
    proven: low >= high,
    heatAtLeast,
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
    heatAtLeast: heatBound(problem),
  };
  yield told(problem, known, true);
  let slice = effort(problem, SLICE);
  for (let turn = 0; known.low < known.high && search.solver.conflicts < work; turn += 1) {
    const { low, high } = known;
    const target = [high, Math.ceil((low + high) / 2), low + Math.ceil((high - low) / 4)][turn % 3]!;
    const answer = search.solve(target, evening, Math.min(slice, work - search.solver.conflicts));
    if (answer === 'none') known.high = target - 1;
    else if (answer === 'found') {
      const found = search.placed();
      // It begins no sooner than was asked: whatever else it did would never end.
      if (beginOf(problem, found) < target) throw new RangeError('A plan begins before it may.');
      known.best = found;
      known.low = beginOf(problem, found);
      yield told(problem, known, true);
      continue;
    } else slice = Math.ceil(slice * 1.3);
    yield null;
  }
  known.heatAtLeast = heatBound(problem, search.windows(known.low, evening) ?? undefined);
  known.best = yield* cooler(problem, search, { ...known, begins: known.low });
  return told(problem, known, false);
}
