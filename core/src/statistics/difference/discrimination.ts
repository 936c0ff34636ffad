import { chooseRow, upperTail, upperTailOf } from '../binomial';
import { compared, fraction, ONE, times, toFraction, toNumber, type Fraction } from '../fraction';
import { normalQuantile } from '../distributions';
import { PROTOCOL, type Protocol } from './protocols';

const TWO = fraction(2n);

/** Exact p of k right answers among n; asked both ways, of k answers for one of two. Example: triangle, 3 of 3 → 1/27. */
export function differenceP(protocol: Protocol, n: number, k: number): Fraction {
  const { chance, bothWays } = PROTOCOL[protocol];
  if (!bothWays) return upperTail(n, k, chance);
  const both = times(TWO, upperTail(n, Math.max(k, n - k), chance));
  return compared(both, ONE) > 0 ? ONE : both;
}

/** The fewest right answers (both ways: like answers) that are significant, and the level that they reach. */
export interface Critical {
  readonly count: number;
  readonly level: Fraction;
}

/** Null where no count is enough. Example: triangle, 12 answers, 0.05 → 8. */
export function criticalCount(protocol: Protocol, n: number, alpha: number): Critical | null {
  const { chance, bothWays } = PROTOCOL[protocol];
  const { over, under } = chance;
  const row = chooseRow(n);
  const limit = toFraction(alpha);
  const all = under ** BigInt(n);
  const sides = bothWays ? 2n : 1n;
  let [sum, found]: [bigint, Critical | null] = [0n, null];
  // From the top down: one right answer fewer, one wrong one more.
  let ways = over ** BigInt(n);
  for (let k = n; k >= 0; k -= 1) {
    sum += row[k]! * ways;
    if (sides * sum * limit.under > limit.over * all) break;
    found = { count: k, level: fraction(sides * sum, all) };
    ways = (ways * (under - over)) / over;
  }
  return found;
}

/** The chance of a right answer where a share of people can tell and the others guess. Example: triangle, 0.3 → 0.533. */
export const rightShare = (protocol: Protocol, tellers: number): number =>
  tellers + (1 - tellers) * toNumber(PROTOCOL[protocol].chance);

/** The chance that so many answers show a difference that a share of people can tell; nothing where no count would. */
export function differencePower(protocol: Protocol, n: number, alpha: number, tellers: number): number {
  const critical = criticalCount(protocol, n, alpha);
  if (!critical) return 0;
  const right = rightShare(protocol, tellers);
  const other = PROTOCOL[protocol].bothWays ? upperTailOf(n, critical.count, 1 - right) : 0;
  return upperTailOf(n, critical.count, right) + other;
}

/** Panels are searched up to here. */
export const LARGEST_PANEL = 420;

/** Panels that have the power that is wanted. */
export interface PanelSize {
  /** The smallest; a panel of one more may have less again, for counts are whole. */
  readonly first: number | null;
  /** The smallest from which on each has it. */
  readonly stable: number | null;
}

/** The critical count by doubles, for panels of many sizes at once: no count of answers reaches such a level to the last digit. */
function countByDoubles(protocol: Protocol, n: number, alpha: number): number | null {
  const { chance, bothWays } = PROTOCOL[protocol];
  const p = toNumber(chance);
  const sides = bothWays ? 2 : 1;
  let [logOf, sum, found]: [number, number, number | null] = [n * Math.log(p), 0, null];
  for (let k = n; k >= 0; k -= 1) {
    sum += sides * Math.exp(logOf);
    if (sum > alpha) break;
    found = k;
    logOf += Math.log(k) - Math.log(n - k + 1) + Math.log((1 - p) / p);
  }
  return found;
}

const powers = new Map<string, readonly number[]>();

/** Powers of panels from 1 on. */
export function powersOf(protocol: Protocol, alpha: number, tellers: number): readonly number[] {
  const key = `${protocol},${alpha},${tellers}`;
  const known = powers.get(key);
  if (known) return known;
  const right = rightShare(protocol, tellers);
  const { bothWays } = PROTOCOL[protocol];
  const made = Array.from({ length: LARGEST_PANEL }, (_, at) => {
    const count = countByDoubles(protocol, at + 1, alpha);
    if (count === null) return 0;
    return upperTailOf(at + 1, count, right) + (bothWays ? upperTailOf(at + 1, count, 1 - right) : 0);
  });
  powers.set(key, made);
  return made;
}

/** Example: triangle, 0.05, 0.3 of people, power 0.8 → first 40, stable 42. */
export function panelSize(powers: readonly number[], target: number): PanelSize {
  const first = powers.findIndex((power) => power >= target);
  const last = powers.findLastIndex((power) => power < target);
  return {
    first: first < 0 ? null : first + 1,
    stable: last === powers.length - 1 ? null : last + 2,
  };
}

/** The count by the normal approximation, with half a step of correction or without; null: more than there are answers. */
export function approximateCount(
  protocol: Protocol,
  n: number,
  alpha: number,
  corrected: boolean,
): number | null {
  const { chance, bothWays } = PROTOCOL[protocol];
  const p = toNumber(chance);
  const z = normalQuantile(1 - (bothWays ? alpha / 2 : alpha));
  const count = Math.ceil(n * p + z * Math.sqrt(n * p * (1 - p)) + (corrected ? 0.5 : 0) - 1e-12);
  return corrected && count > n ? null : count;
}
