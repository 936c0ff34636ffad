import { normalCdf } from '../distributions';
import { compared, toFraction, type Fraction } from '../fraction';
import type { Reached } from './friedman';
import { rankSums, tieTerm } from './midranks';
import { trendsByChance, upperTails, waysOf } from './permuted';

export interface Page {
  readonly l: number;
  readonly mean: number;
  readonly sd: number;
  readonly p: Fraction;
  /** Null where nothing could vary. */
  readonly z: number | null;
  readonly approximateP: number | null;
}

/**
 * Page's test (1963) for an order that was expected beforehand, the first sample the lowest; one-sided, exact for these very ties.
 * Example: three tasters who all rank 1, 2, 3 → 42, p 1/216.
 */
export function page(ranks: readonly (readonly number[])[]): Page {
  const [n, k] = [ranks.length, ranks[0]?.length ?? 0];
  const l = rankSums(ranks).reduce((sum, one, at) => sum + (at + 1) * one, 0);
  const mean = (n * k * (k + 1) ** 2) / 4;
  const ties = ranks.reduce((sum, row) => sum + tieTerm(row), 0);
  // Each taster's ranks vary by (k³ − k − ties)/12.
  const variance = ((n * (k ** 3 - k) - ties) * (k ** 3 - k)) / (144 * (k - 1));
  const sd = Math.sqrt(Math.max(0, variance));
  const seen = Math.round(2 * l);
  const { p } = upperTails(trendsByChance(ranks), waysOf(k, n)).findLast(({ value }) => value >= seen)!;
  const z = sd > 1e-12 ? (l - mean) / sd : null;
  return { l, mean, sd, p, z, approximateP: z === null ? null : 1 - normalCdf(z) };
}

/** What L can come to without ties, the greatest first; and the least that is significant. */
export function pageByChance(
  samples: number,
  tasters: number,
): { readonly values: readonly Reached[]; readonly critical: (alpha: number) => Reached | null } {
  const row = Array.from({ length: samples }, (_, at) => at + 1);
  const values = upperTails(
    trendsByChance(Array.from({ length: tasters }, () => row)),
    waysOf(samples, tasters),
  ).map(({ value, p }) => ({ value: value / 2, p }));
  return {
    values,
    critical: (alpha) => values.findLast(({ p }) => compared(p, toFraction(alpha)) <= 0) ?? null,
  };
}
