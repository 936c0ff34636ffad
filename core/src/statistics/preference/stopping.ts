import { plus, ZERO, type Fraction } from '../fraction';
import { betaBinomial, betaBinomialExact } from './betaBinomial';
import { isWhole, overHalf, type Beta } from './posterior';

/** A looker stops for one side as soon as it is believed better with so much; the first look is at this taster. */
export const FIRST_LOOK = 3;

/** The least count for A, among so many, at which A is believed better; null: none. */
export function leastFor(n: number, prior: Beta, threshold: number): number | null {
  for (let k = 0; k <= n; k += 1) if (overHalf({ a: prior.a + k, b: prior.b + n - k }) >= threshold) return k;
  return null;
}

/** What comes of looking after every taster. */
export interface Looking {
  readonly forA: number;
  readonly forB: number;
  readonly undecided: number;
  readonly expectedTasters: number;
}

/**
 * How often somebody who looks after every taster, and stops at a posterior, is done with A, with B or with neither, where A is
 * preferred with a true share; exact, path by path. At ½ what is decided is decided wrongly: that is more than 1 − threshold, and the
 * threshold no error rate.
 */
export function looking(
  { prior, threshold, most }: { readonly prior: Beta; readonly threshold: number; readonly most: number },
  truth: number,
): Looking {
  let open = new Map<number, number>([[0, 1]]);
  let [forA, forB, expected] = [0, 0, 0];
  for (let n = 1; n <= most; n += 1) {
    const next = new Map<number, number>();
    for (const [k, chance] of open) {
      next.set(k + 1, (next.get(k + 1) ?? 0) + chance * truth);
      next.set(k, (next.get(k) ?? 0) + chance * (1 - truth));
    }
    expected += [...open.values()].reduce((sum, one) => sum + one, 0);
    open = new Map();
    for (const [k, chance] of next) {
      const believed = overHalf({ a: prior.a + k, b: prior.b + n - k });
      const looks = n >= FIRST_LOOK;
      if (looks && believed >= threshold) forA += chance;
      else if (looks && 1 - believed >= threshold) forB += chance;
      else open.set(k, chance);
    }
  }
  return {
    forA,
    forB,
    undecided: [...open.values()].reduce((sum, one) => sum + one, 0),
    expectedTasters: expected,
  };
}

/** Counts for A among so many more that bring the belief that A is better to a threshold. */
const enough = (now: Beta, more: number, threshold: number): number[] =>
  Array.from({ length: more + 1 }, (_, k) => k).filter(
    (k) => overHalf({ a: now.a + k, b: now.b + more - k }) >= threshold,
  );

/** The chance that so many further preferences bring the belief that A is better to a threshold. */
export const willBe = (now: Beta, more: number, threshold: number): number =>
  enough(now, more, threshold).reduce((sum, k) => sum + betaBinomial(now, more, k), 0);

/** The same exactly; null where counts aren't whole. */
export const willBeExact = (now: Beta, more: number, threshold: number): Fraction | null =>
  isWhole(now)
    ? enough(now, more, threshold).reduce((sum, k) => plus(sum, betaBinomialExact(now, more, k)), ZERO)
    : null;
