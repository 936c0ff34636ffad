import { doubled, ordersOf, waysOf } from './permuted';
import { digitsOf, SumsTable } from './sumsTable';

/** So many tasters at most, by the number of samples: beyond, counting takes longer than anybody waits, or sums outgrow their byte. */
const MOST_TASTERS: Readonly<Record<number, number>> = { 1: 60, 2: 60, 3: 40, 4: 30, 5: 12, 6: 6 };

/** True where all ways in which a panel's ranks can fall may be counted; some take a second. */
export const canBeCounted = (samples: number, tasters: number): boolean =>
  tasters <= (MOST_TASTERS[samples] ?? 0);

/** One taster's doubled ranks in ascending order, and each order of them that differs, with how often it comes. */
interface Row {
  readonly ranks: readonly number[];
  readonly orders: readonly { readonly order: readonly number[]; readonly times: number }[];
}

function rowOf(ranks: readonly number[]): Row {
  const ascending = doubled(ranks).sort((a, b) => a - b);
  const found = new Map<string, { readonly order: readonly number[]; times: number }>();
  for (const order of ordersOf(ascending)) {
    const known = found.get(order.join());
    if (known) known.times += 1;
    else found.set(order.join(), { order, times: 1 });
  }
  return { ranks: ascending, orders: [...found.values()] };
}

/** The panel's rows: those with the fewest orders last, since ties make sums of every half. Throws RangeError where it can't be counted. */
function rowsOf(panel: readonly (readonly number[])[]): Row[] {
  const samples = panel[0]?.length ?? 0;
  if (!canBeCounted(samples, panel.length))
    throw new RangeError(`No exact test of ${samples} samples by ${panel.length} tasters.`);
  return panel.map(rowOf).sort((a, b) => b.orders.length - a.orders.length);
}

/** The sums that one more taster leads to; of those that are settled already, none. */
function withTaster(known: SumsTable, { orders }: Row, settled: (set: number) => boolean): SumsTable {
  const { samples } = known;
  const next = new SumsTable(samples, known.width, known.size);
  const added = new Uint8Array(samples);
  for (let set = 0; set < known.size; set += 1) {
    if (settled(set)) continue;
    const sums = known.sums(set);
    for (const { order, times } of orders) {
      for (let at = 0; at < samples; at += 1) {
        const one = sums[at]! + order[at]!;
        let place = at;
        for (; place > 0 && added[place - 1]! > one; place -= 1) added[place] = added[place - 1]!;
        added[place] = one;
      }
      next.lead(next.of(added), known, set, times);
    }
  }
  next.carry();
  return next;
}

const noneSettled = (): boolean => false;

function started(samples: number, tasters: number): SumsTable {
  const table = new SumsTable(samples, digitsOf(waysOf(samples, tasters)));
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
    started(panel[0]!.length, panel.length),
  );
  return Array.from({ length: table.size }, (_, set) => ({
    sums: [...table.sums(set)],
    ways: table.ways(set),
  }));
}

/** Σ (R − mean)² of sums times their number: whole, so that equal ones are equal. */
export function spread(sums: ArrayLike<number>): number {
  let [total, squares] = [0, 0];
  for (let at = 0; at < sums.length; at += 1) {
    total += sums[at]!;
    squares += sums[at]! * sums[at]!;
  }
  return sums.length * squares - total * total;
}

/**
 * In how many ways a panel's doubled sums spread at least so much. Taster by taster; `onTaster` is told the share that is done. Sums from
 * which no order of those to come reaches it are dropped; those from which every order does are counted at once; the last taster's sums
 * are weighed and not kept. Throws RangeError where it can't be counted.
 */
export function waysToSpread(
  panel: readonly (readonly number[])[],
  least: number,
  onTaster: (done: number) => void = () => undefined,
): bigint {
  const rows = rowsOf(panel);
  const [samples, last] = [panel[0]!.length, rows.length - 1];
  let ways = 0n;
  let known = started(samples, panel.length);
  rows.forEach((row, at) => {
    const toCome = rows.slice(at);
    const most = Array.from({ length: samples }, (_, place) =>
      toCome.reduce((sum, { ranks }) => sum + ranks[place]!, 0),
    );
    // What those to come add is as long as this at most, so the sums lose no more of their own length.
    const longest = toCome.reduce((sum, { ranks }) => sum + Math.sqrt(spread(ranks)), 0);
    const open = waysOf(samples, toCome.length);
    const table = known;
    const reached = new Float64Array(samples);
    const settled = (set: number): boolean => {
      const sums = table.sums(set);
      for (let place = 0; place < samples; place += 1) reached[place] = sums[place]! + most[place]!;
      if (spread(reached) < least) return true;
      if (Math.sqrt(spread(sums)) - longest < Math.sqrt(least) + 1e-6) return false;
      ways += table.ways(set) * open;
      return true;
    };
    if (at < last) known = withTaster(known, row, settled);
    else
      for (let set = 0; set < known.size; set += 1)
        if (!settled(set)) ways += lastWays(known, set, row, least);
    onTaster((at + 1) / rows.length);
  });
  return ways;
}

/** In how many ways the last taster brings a set of sums to spread at least so much. */
function lastWays(known: SumsTable, set: number, { orders }: Row, least: number): bigint {
  const sums = known.sums(set);
  const added = new Uint8Array(sums.length);
  let times = 0;
  for (const one of orders) {
    for (let at = 0; at < sums.length; at += 1) added[at] = sums[at]! + one.order[at]!;
    if (spread(added) >= least) times += one.times;
  }
  return times > 0 ? known.ways(set) * BigInt(times) : 0n;
}
