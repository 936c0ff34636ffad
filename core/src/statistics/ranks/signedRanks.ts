import { chooseRow } from '../binomial';
import { fraction, ONE, compared, times, type Fraction } from '../fraction';
import { midranks } from './midranks';

/** Both p of a test of signs. */
export interface Signs {
  readonly bothWays: Fraction;
  /** That the first is more. */
  readonly greater: Fraction;
}

const doubledOf = (tail: Fraction): Fraction => {
  const both = times(fraction(2n), tail);
  return compared(both, ONE) > 0 ? ONE : both;
};

/** In how many of the 2ⁿ patterns of signs the positive ranks come to each sum (doubled); without regard to which. */
function waysBySum(doubled: readonly number[]): bigint[] {
  const most = doubled.reduce((sum, one) => sum + one, 0);
  const ways = Array.from({ length: most + 1 }, () => 0n);
  ways[0] = 1n;
  for (const rank of doubled) for (let sum = most; sum >= rank; sum -= 1) ways[sum]! += ways[sum - rank]!;
  return ways;
}

export interface Wilcoxon extends Signs {
  readonly used: number;
  readonly plus: number;
  readonly minus: number;
}

/**
 * Wilcoxon's signed ranks, exact for these very ties: zeros are left out before ranking, or after it (Pratt 1959). Example: 1, 2, 3, 4 →
 * W⁺ 10, two-sided p 1/8.
 */
export function wilcoxon(differences: readonly number[], zeros: 'before' | 'after'): Wilcoxon {
  const ranked = zeros === 'before' ? differences.filter((one) => one !== 0) : differences;
  const ranks = midranks(ranked.map(Math.abs));
  const kept = ranked.flatMap((one, at) => (one === 0 ? [] : [{ one, rank: Math.round(2 * ranks[at]!) }]));
  const sum = (positive: boolean) =>
    kept.reduce((all, { one, rank }) => all + (one > 0 === positive ? rank : 0), 0);
  const [plus, minus] = [sum(true), sum(false)];
  const ways = waysBySum(kept.map(({ rank }) => rank));
  const all = 2n ** BigInt(kept.length);
  const tail = (from: number) =>
    fraction(
      ways.slice(from).reduce((more, one) => more + one, 0n),
      all,
    );
  const none = kept.length === 0;
  return {
    used: kept.length,
    plus: plus / 2,
    minus: minus / 2,
    bothWays: none ? ONE : doubledOf(tail(Math.max(plus, minus))),
    greater: none ? ONE : tail(plus),
  };
}

/** The sign test: zeros are left out. Example: 4 for, 0 against → two-sided 1/8. */
export function signTest(
  differences: readonly number[],
): Signs & { readonly plus: number; readonly minus: number; readonly zeros: number } {
  const plus = differences.filter((one) => one > 0).length;
  const minus = differences.filter((one) => one < 0).length;
  const n = plus + minus;
  const tail = (from: number) =>
    fraction(
      chooseRow(n)
        .slice(from)
        .reduce((sum, one) => sum + one, 0n),
      2n ** BigInt(n),
    );
  return {
    plus,
    minus,
    zeros: differences.length - n,
    bothWays: n === 0 ? ONE : doubledOf(tail(Math.max(plus, minus))),
    greater: n === 0 ? ONE : tail(plus),
  };
}

/** Wilcoxon's statistic without ties: in how many of all ways it is at least 0, 1, 2 …, and the largest smaller sum that is significant. */
export function wilcoxonByChance(n: number): {
  readonly tails: readonly bigint[];
  readonly all: bigint;
  readonly critical: (alpha: number, sides: 1 | 2) => number | null;
} {
  const ways = waysBySum(Array.from({ length: n }, (_, at) => at + 1));
  const all = 2n ** BigInt(n);
  let sum = 0n;
  const tails = ways.map(() => 0n);
  for (let at = ways.length - 1; at >= 0; at -= 1) tails[at] = sum += ways[at]!;
  const critical = (alpha: number, sides: 1 | 2): number | null => {
    let [found, below]: [number | null, bigint] = [null, 0n];
    for (const [at, count] of ways.entries()) {
      below += count;
      if (
        Number(fraction(BigInt(sides) * below, all).over) /
          Number(fraction(BigInt(sides) * below, all).under) >
        alpha
      )
        break;
      found = at;
    }
    return found;
  };
  return { tails, all, critical };
}
