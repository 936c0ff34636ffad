import { normalQuantile, studentizedRange } from '../distributions';

/** How far two sums of ranks must be apart: for one pair that was named before, for any of them (Nemenyi), and by Bonferroni. */
export interface SumDifferences {
  readonly named: number;
  readonly any: number;
  readonly bonferroni: number;
}

/** Example: 3 samples, 4 tasters, 0.05 → 5.54, 6.63, 6.77 (ISO 8587 and Nemenyi 1963). */
export function sumDifferences(samples: number, tasters: number, alpha: number): SumDifferences {
  const pair = Math.sqrt((tasters * samples * (samples + 1)) / 6);
  const pairs = (samples * (samples - 1)) / 2;
  return {
    named: normalQuantile(1 - alpha / 2) * pair,
    any: (studentizedRange(1 - alpha, samples) * pair) / Math.SQRT2,
    bonferroni: normalQuantile(1 - alpha / (2 * pairs)) * pair,
  };
}

/**
 * So many tasters like these bring the two sums that are furthest apart beyond a limit, which grows by √n while they do by n; null: all
 * sums are the same. Example: sums 6, 10, 14 of five tasters, limit 7.41 → 5.
 */
export function tastersBeyond(sums: readonly number[], tasters: number, limit: number): number | null {
  const widest = Math.max(...sums) - Math.min(...sums);
  return widest < 1e-9 ? null : Math.floor(tasters * (limit / widest) ** 2) + 1;
}

/** Pairs of samples whose sums are further apart than a limit. */
export const pairsBeyond = (sums: readonly number[], limit: number): (readonly [number, number])[] =>
  sums.flatMap((one, a) =>
    sums.slice(a + 1).flatMap((other, at) => {
      const apart = Math.abs(one - other) > limit + 1e-12;
      return apart ? [[a, a + 1 + at] as const] : [];
    }),
  );
