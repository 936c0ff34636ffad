import { factorial } from '../binomial';
import { fraction, ZERO, plus, type Fraction } from '../fraction';

/** Of a taster's ranks, doubled so that middle ranks are whole, every order, each with how often it comes. */
export function ordersOf(ranks: readonly number[]): readonly (readonly number[])[] {
  if (ranks.length <= 1) return [ranks];
  return ranks.flatMap((first, at) =>
    ordersOf([...ranks.slice(0, at), ...ranks.slice(at + 1)]).map((rest) => [first, ...rest]),
  );
}

const doubled = (ranks: readonly number[]): number[] => ranks.map((rank) => Math.round(2 * rank));
/** So many tasters at most, by the number of samples: beyond, counting takes longer than anybody waits, or sums outgrow their place. */
const MOST_TASTERS: Readonly<Record<number, number>> = { 1: 60, 2: 60, 3: 40, 4: 30, 5: 12, 6: 6 };

/** True where all ways in which a panel's ranks can fall may be counted; some take a second. */
export const canBeCounted = (samples: number, tasters: number): boolean =>
  tasters <= (MOST_TASTERS[samples] ?? 0);

/** A doubled sum of ranks is less than this, up to a hundred tasters and samples. */
const BASE = 256;
/** So many ways are still counted exactly by doubles. */
const EXACT_WAYS = 2 ** 53;

/** The ways in which one more taster's orders take each set of sums to another. Sums of a set are kept in order of size: whatever the samples are called, they are as likely. */
function withTaster<Count extends number | bigint>(
  known: ReadonlyMap<number, Count>,
  orders: readonly (readonly number[])[],
  plus: (a: Count, b: Count) => Count,
): Map<number, Count> {
  const next = new Map<number, Count>();
  const samples = orders[0]!.length;
  const sums = new Array<number>(samples).fill(0);
  const added = new Array<number>(samples).fill(0);
  for (const [key, ways] of known) {
    for (let at = samples - 1, rest = key; at >= 0; at -= 1, rest = Math.floor(rest / BASE))
      sums[at] = rest % BASE;
    for (const order of orders) {
      for (let at = 0; at < samples; at += 1) {
        const one = sums[at]! + order[at]!;
        let place = at;
        for (; place > 0 && added[place - 1]! > one; place -= 1) added[place] = added[place - 1]!;
        added[place] = one;
      }
      let to = 0;
      for (const one of added) to = to * BASE + one;
      const found = next.get(to);
      next.set(to, found === undefined ? ways : plus(found, ways));
    }
  }
  return next;
}

/**
 * All sums of ranks that a panel can come to where nothing can be told (each taster's ranks in any order), without regard to which sample
 * has which sum: doubled sums in ascending order, and in how many of the (k!)ⁿ ways. Taster by taster, so that twelve tasters take a
 * moment; `onTaster` is told the share that is done. Throws RangeError where it can't be counted.
 */
export function sumsByChance(
  panel: readonly (readonly number[])[],
  onTaster: (done: number) => void = () => undefined,
): readonly { readonly sums: readonly number[]; readonly ways: bigint }[] {
  const samples = panel[0]?.length ?? 0;
  if (!canBeCounted(samples, panel.length))
    throw new RangeError(`No exact test of ${samples} samples by ${panel.length} tasters.`);
  const orders = panel.map((ranks) => ordersOf(doubled(ranks)));
  const small = Number(waysOf(samples, panel.length)) < EXACT_WAYS;
  const decoded = (key: number) =>
    Array.from({ length: samples }, (_, at) => Math.floor(key / BASE ** (samples - 1 - at)) % BASE);
  const told = <T>(known: T, at: number): T => {
    onTaster((at + 1) / orders.length);
    return known;
  };
  const counted = small
    ? orders.reduce(
        (known, one, at) =>
          told(
            withTaster<number>(known, one, (a, b) => a + b),
            at,
          ),
        new Map([[0, 1]]),
      )
    : orders.reduce(
        (known, one, at) =>
          told(
            withTaster<bigint>(known, one, (a, b) => a + b),
            at,
          ),
        new Map([[0, 1n]]),
      );
  return [...counted].map(([key, ways]) => ({ sums: decoded(key), ways: BigInt(ways) }));
}

/** All values of Σ j·R_j that a panel can come to by chance, doubled, and in how many ways. */
export function trendsByChance(panel: readonly (readonly number[])[]): ReadonlyMap<number, bigint> {
  let known = new Map<number, bigint>([[0, 1n]]);
  for (const ranks of panel) {
    const trends = new Map<number, bigint>();
    for (const order of ordersOf(doubled(ranks))) {
      const trend = order.reduce((sum, rank, at) => sum + (at + 1) * rank, 0);
      trends.set(trend, (trends.get(trend) ?? 0n) + 1n);
    }
    const next = new Map<number, bigint>();
    for (const [sum, ways] of known)
      for (const [trend, own] of trends) next.set(sum + trend, (next.get(sum + trend) ?? 0n) + ways * own);
    known = next;
  }
  return known;
}

/** In how many ways a panel's ranks can fall. */
export const waysOf = (samples: number, tasters: number): bigint => factorial(samples) ** BigInt(tasters);

/** The share of ways in which something is at least so much, from the most on: each value with the exact p of reaching it. */
export function upperTails(
  ways: Iterable<readonly [value: number, ways: bigint]>,
  all: bigint,
): { readonly value: number; readonly p: Fraction }[] {
  let p = ZERO;
  const byValue = new Map<number, bigint>();
  for (const [value, count] of ways) byValue.set(value, (byValue.get(value) ?? 0n) + count);
  return [...byValue]
    .sort(([a], [b]) => b - a)
    .map(([value, count]) => ({ value, p: (p = plus(p, fraction(count, all))) }));
}
