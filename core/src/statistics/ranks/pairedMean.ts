import { tBothTails, tQuantile } from '../distributions';

export interface PairedMean {
  readonly n: number;
  readonly mean: number;
  readonly sd: number;
  readonly se: number;
  readonly df: number;
  readonly critical: number | null;
  /** Null where all differences are the same: then nothing is known of their spread. */
  readonly t: number | null;
  readonly p: number | null;
  readonly interval: readonly [number, number] | null;
}

/** The mean of differences with its t-interval. Example: 1, 2, 1 → 1.33 (−0.10 to 2.77). */
export function pairedMean(differences: readonly number[], alpha = 0.05): PairedMean {
  const n = differences.length;
  const mean = differences.reduce((sum, one) => sum + one, 0) / n;
  const df = n - 1;
  const sd = df > 0 ? Math.sqrt(differences.reduce((sum, one) => sum + (one - mean) ** 2, 0) / df) : 0;
  const se = sd / Math.sqrt(n);
  const critical = df > 0 ? tQuantile(1 - alpha / 2, df) : null;
  if (se < 1e-12 || critical === null)
    return { n, mean, sd, se, df, critical, t: null, p: null, interval: null };
  const t = mean / se;
  return {
    n,
    mean,
    sd,
    se,
    df,
    critical,
    t,
    p: tBothTails(t, df),
    interval: [mean - critical * se, mean + critical * se],
  };
}

/** Half the width of such an interval. Example: 3 tasters whose differences spread by 1.5 → 3.73. */
export const halfWidth = (n: number, sd: number, alpha = 0.05): number =>
  (tQuantile(1 - alpha / 2, n - 1) * sd) / Math.sqrt(n);

/** The fewest tasters for which it is no wider. */
export function tastersFor(width: number, sd: number, alpha = 0.05): number {
  let n = 2;
  while (halfWidth(n, sd, alpha) > width) n += 1;
  return n;
}
