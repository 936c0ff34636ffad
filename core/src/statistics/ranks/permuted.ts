import { factorial } from '../binomial';
import { fraction, ZERO, plus, type Fraction } from '../fraction';

/** Of a taster's ranks, doubled so that middle ranks are whole, every order, each with how often it comes. */
export function ordersOf(ranks: readonly number[]): readonly (readonly number[])[] {
  if (ranks.length <= 1) return [ranks];
  return ranks.flatMap((first, at) =>
    ordersOf([...ranks.slice(0, at), ...ranks.slice(at + 1)]).map((rest) => [first, ...rest]),
  );
}

export const doubled = (ranks: readonly number[]): number[] => ranks.map((rank) => Math.round(2 * rank));

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
