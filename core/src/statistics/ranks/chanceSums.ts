import { DifferentOrders, tiesAmong } from './orders';
import { doubled } from './permuted';
import { SumsTable } from './sumsTable';

/** So many tasters at most, by the number of samples: beyond, counting takes longer than anybody waits, or sums outgrow their codes. */
const MOST_TASTERS: Readonly<Record<number, number>> = { 1: 60, 2: 60, 3: 40, 4: 30, 5: 12, 6: 6 };

/** True where all ways in which a panel's ranks can fall may be counted; some take a second. */
export const canBeCounted = (samples: number, tasters: number): boolean =>
  tasters <= (MOST_TASTERS[samples] ?? 0);

/** One taster's doubled ranks in ascending order, and their orders. */
interface Row {
  readonly ranks: readonly number[];
  readonly orders: DifferentOrders;
  /** What each rank and its opposite come to, where that is the same of all; null: they lie otherwise from below than from above. */
  readonly mirrored: number | null;
}

function rowOf(ranks: readonly number[]): Row {
  const opposite = ranks.map((rank, at) => rank + ranks.at(-1 - at)!);
  const mirrored = opposite.every((sum) => sum === opposite[0]) ? opposite[0]! : null;
  return { ranks, orders: new DifferentOrders(ranks), mirrored };
}

/** The panel's rows: those with the fewest orders last, since ties make sums of every half. Throws RangeError where it can't be counted. */
function rowsOf(panel: readonly (readonly number[])[]): Row[] {
  const samples = panel[0]?.length ?? 0;
  if (!canBeCounted(samples, panel.length))
    throw new RangeError(`No exact test of ${samples} samples by ${panel.length} tasters.`);
  const ascending = panel.map((ranks) => doubled(ranks).sort((a, b) => a - b));
  const different = new Map(ascending.map((ranks) => [ranks.join(), rowOf(ranks)]));
  return ascending
    .map((ranks) => different.get(ranks.join())!)
    .sort((a, b) => b.orders.count - a.orders.count);
}

const product = (rows: readonly Row[], of: 'count' | 'times'): bigint =>
  rows.reduce((all, row) => all * BigInt(row.orders[of]), 1n);

/** The sums that one more taster leads to; of those that are settled already, none. */
function withTaster(known: SumsTable, { orders }: Row, settled: (set: number) => boolean): SumsTable {
  const next = new SumsTable(known.samples, known.most, 2 * known.size);
  for (let set = 0; set < known.size; set += 1) if (!settled(set)) next.lead(known, set, orders);
  next.carry();
  return next;
}

const noneSettled = (): boolean => false;

function started(samples: number, rows: readonly Row[]): SumsTable {
  const table = new SumsTable(samples, product(rows, 'count'));
  table.start();
  return table;
}

/**
 * All sums of ranks that a panel can come to where nothing can be told (each taster's ranks in any order), without regard to which sample
 * has which sum: doubled sums in ascending order, and in how many of the (k!)ⁿ ways. Throws RangeError where it can't be counted.
 */
export function sumsByChance(
  panel: readonly (readonly number[])[],
): readonly { readonly sums: readonly number[]; readonly ways: bigint }[] {
  const rows = rowsOf(panel);
  const table = rows.reduce(
    (known, row) => withTaster(known, row, noneSettled),
    started(panel[0]!.length, rows),
  );
  const times = product(rows, 'times');
  return Array.from({ length: table.size }, (_, set) => ({
    sums: [...table.sums(set)],
    ways: table.ways(set) * times,
  }));
}

/** Σ (a − mean)(b − mean) of two rows of sums times their number: whole, so that equal ones are equal. */
function together(a: ArrayLike<number>, b: ArrayLike<number>): number {
  let [ofA, ofB, both] = [0, 0, 0];
  for (let at = 0; at < a.length; at += 1) {
    ofA += a[at]!;
    ofB += b[at]!;
    both += a[at]! * b[at]!;
  }
  return a.length * both - ofA * ofB;
}

/** Σ (R − mean)² of sums times their number: whole, so that equal ones are equal. */
export const spread = (sums: ArrayLike<number>): number => together(sums, sums);

/**
 * In how many ways a panel's doubled sums spread at least so much. Taster by taster; `onTaster` is told the share that is done. Sums from
 * which no order of those to come reaches it are dropped; those from which every order does are counted at once; sums and their mirror
 * image spread alike and are one, where every taster's ranks are their own; the last taster's are weighed and not kept. Throws RangeError
 * where it can't be counted.
 */
export function waysToSpread(
  panel: readonly (readonly number[])[],
  least: number,
  onTaster: (done: number) => void = () => undefined,
): bigint {
  const rows = rowsOf(panel);
  const [samples, last] = [panel[0]!.length, rows.length - 1];
  const mirrored = rows.every((row) => row.mirrored !== null);
  let ways = 0n;
  let known = started(samples, rows.slice(0, -1));
  rows.forEach((row, at) => {
    const toCome = rows.slice(at);
    const most = Array.from({ length: samples }, (_, place) =>
      toCome.reduce((sum, { ranks }) => sum + ranks[place]!, 0),
    );
    const fewest = most.toReversed();
    const table = known;
    let reached = 0n;
    const settled = (set: number): boolean => {
      if (table.isEmpty(set)) return true;
      const sums = table.sums(set);
      const own = spread(sums);
      // The most that can be: the greatest of those to come on the greatest sum.
      if (own + 2 * together(sums, most) + spread(most) < least) return true;
      // The least that can be: along their own direction those to come leave so much of them.
      const left = own + together(sums, fewest);
      if (left <= 0 || left ** 2 < least * own) return false;
      reached += table.ways(set);
      return true;
    };
    if (at < last) {
      known = withTaster(known, row, settled);
      if (mirrored) known.fold(rows.slice(0, at + 1).reduce((all, one) => all + one.mirrored!, 0));
    } else
      for (let set = 0; set < known.size; set += 1)
        if (!settled(set)) ways += lastWays(known, set, row, least);
    ways += reached * product(toCome, 'count');
    onTaster((at + 1) / rows.length);
  });
  return ways * product(rows, 'times');
}

/** In how many ways the last taster brings a set of sums to spread at least so much. */
function lastWays(known: SumsTable, set: number, row: Row, least: number): bigint {
  const { samples } = known;
  const sums = known.sums(set);
  const { orders, count, times } = row.orders.from(tiesAmong(sums));
  let [total, own] = [0, 0];
  for (let at = 0; at < samples; at += 1) {
    total += sums[at]! + orders[at]!;
    own += sums[at]! * sums[at]! + orders[at]! * orders[at]!;
  }
  let found = 0;
  for (let order = 0; order < count; order += 1) {
    let along = 0;
    for (let at = 0; at < samples; at += 1) along += sums[at]! * orders[order * samples + at]!;
    // Σ (R + r)² is ΣR² + Σr² + 2ΣRr, and of these the last alone hangs on the order.
    if (samples * (own + 2 * along) - total ** 2 >= least) found += times[order]!;
  }
  return found > 0 ? known.ways(set) * BigInt(found) : 0n;
}
