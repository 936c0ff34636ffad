import { chiSquareTail, fTail } from '../distributions';
import { compared, fraction, ONE, toFraction, type Fraction } from '../fraction';
import { spread, sumsByChance, waysToSpread } from './chanceSums';
import { rankSums, tieTerm } from './midranks';
import { doubled, upperTails, waysOf } from './permuted';

/** What a panel's ranks come to, and how likely chance brings it by approximation. */
export interface FriedmanValue {
  readonly sums: readonly number[];
  /** Without and with a correction for ties; null: every taster gave all samples the same. */
  readonly plain: number | null;
  readonly corrected: number | null;
  readonly approximateP: number;
  /** Kendall’s W: 1 where all agree; null: nobody told anything apart. */
  readonly agreement: number | null;
  /** Iman and Davenport's F (1980); null where all agree, or nothing is defined. */
  readonly imanDavenport: {
    readonly f: number;
    readonly df1: number;
    readonly df2: number;
    readonly p: number;
  } | null;
}

export interface Friedman extends FriedmanValue {
  readonly p: Fraction;
}

/** Friedman's statistic on a panel's ranks (rows are tasters; ISO 8587:2006), for panels of any size. */
export function friedmanValue(ranks: readonly (readonly number[])[]): FriedmanValue {
  const [n, k] = [ranks.length, ranks[0]?.length ?? 0];
  const sums = rankSums(ranks);
  const squares = sums.reduce((sum, one) => sum + (one - (n * (k + 1)) / 2) ** 2, 0);
  const ties = ranks.reduce((sum, row) => sum + tieTerm(row), 0);
  const plain = (12 * squares) / (n * k * (k + 1));
  const room = 1 - ties / (n * k * (k * k - 1));
  const corrected = room <= 1e-12 ? null : plain / room;
  const agreement = corrected === null ? null : corrected / (n * (k - 1));
  const approximateP = corrected === null ? 1 : chiSquareTail(corrected, k - 1);
  return { sums, plain, corrected, approximateP, agreement, imanDavenport: imanOf(corrected, n, k) };
}

/**
 * Friedman's test with the exact p of these very ties: the share of ways in which each taster's ranks could fall that differ as much.
 * `onTaster` is told the share that is counted. Throws RangeError where the panel can't be counted (`canBeCounted`). Example: three
 * tasters who all rank 1, 2, 3 → 6, p 1/36.
 */
export function friedman(ranks: readonly (readonly number[])[], onTaster?: (done: number) => void): Friedman {
  const [n, k] = [ranks.length, ranks[0]?.length ?? 0];
  const value = friedmanValue(ranks);
  const { sums, corrected } = value;
  const p =
    corrected === null ? ONE : fraction(waysToSpread(ranks, spread(doubled(sums)), onTaster), waysOf(k, n));
  return { ...value, p };
}

function imanOf(corrected: number | null, n: number, k: number): Friedman['imanDavenport'] {
  if (corrected === null || n < 2 || n * (k - 1) - corrected < 1e-9) return null;
  const f = ((n - 1) * corrected) / (n * (k - 1) - corrected);
  const [df1, df2] = [k - 1, (k - 1) * (n - 1)];
  return { f, df1, df2, p: fTail(f, df1, df2) };
}

const untied = (samples: number, tasters: number): number[][] =>
  Array.from({ length: tasters }, () => Array.from({ length: samples }, (_, at) => at + 1));

/** A value and the exact p of reaching it. */
export interface Reached {
  readonly value: number;
  readonly p: Fraction;
}

const leastAt = (tails: readonly Reached[], alpha: number): Reached | null =>
  tails.findLast(({ p }) => compared(p, toFraction(alpha)) <= 0) ?? null;

/** What Friedman's statistic, and the range of rank sums, can come to without ties; the greatest first. */
export function friedmanByChance(
  samples: number,
  tasters: number,
): {
  readonly values: readonly Reached[];
  readonly ranges: readonly Reached[];
  readonly critical: (of: 'values' | 'ranges', alpha: number) => Reached | null;
} {
  const chances = sumsByChance(untied(samples, tasters));
  const all = waysOf(samples, tasters);
  // spread is k Σ(2R − mean)² = 4k Σ(R − mean)².
  const scale = 3 / (tasters * samples * samples * (samples + 1));
  const values = upperTails(
    chances.map(({ sums, ways }) => [spread(sums), ways] as const),
    all,
  ).map(({ value, p }) => ({ value: value * scale, p }));
  const ranges = upperTails(
    chances.map(({ sums, ways }) => [(sums.at(-1)! - sums[0]!) / 2, ways] as const),
    all,
  );
  return { values, ranges, critical: (of, alpha) => leastAt(of === 'values' ? values : ranges, alpha) };
}
