import { normalCdf, normalQuantile } from '../distributions';
import { integral, reaches } from '../integral';
import { sdAfter } from './normalMean';

/** Kitchens whose true factor spreads so, as logarithms, and what one bake in them varies by. */
export interface Kitchens {
  readonly sd: number;
  readonly seenSd: number;
}

const density = (x: number, sd: number): number =>
  Math.exp(-((x / sd) ** 2) / 2) / (sd * Math.sqrt(2 * Math.PI));

/** P(|e^E − 1| ≤ m), E ~ N(0, sd²). */
const within = (m: number, sd: number): number =>
  normalCdf(Math.log1p(m) / sd) - (m < 1 ? normalCdf(Math.log1p(-m) / sd) : 0);

/** The middle error over many kitchens after so many bakes, of an estimate that is the belief's middle. */
export const medianError = {
  /** |estimate − truth| of logarithms. */
  log: ({ sd, seenSd }: Kitchens, bakes: number): number => normalQuantile(0.75) * sdAfter(sd, seenSd, bakes),
  /** |estimate/truth − 1|. */
  relative: ({ sd, seenSd }: Kitchens, bakes: number): number => {
    const left = sdAfter(sd, seenSd, bakes);
    return reaches((m) => within(m, left), 0.5, 0, 5);
  },
  /** |estimate − truth| of factors: the same error weighs more in a slow kitchen. */
  factor: ({ sd, seenSd }: Kitchens, bakes: number): number => {
    const left = sdAfter(sd, seenSd, bakes);
    const known = Math.sqrt(Math.max(0, sd ** 2 - left ** 2));
    const share = (m: number) =>
      known < 1e-9
        ? within(m, left)
        : integral((x) => density(x, known) * within(m / Math.exp(x), left), -6 * known, 6 * known, 400);
    return reaches(share, 0.5, 0, 5);
  },
} as const;

/** The same of the plain mean of what was seen, which believes nothing beforehand; null: nothing was. */
export const plainMedianError = ({ seenSd }: Kitchens, bakes: number): number | null =>
  bakes === 0 ? null : (normalQuantile(0.75) * seenSd) / Math.sqrt(bakes);

/** How errors spread after so many bakes: the ninetieth percentile of the logarithm's, and the share of kitchens within some of the truth. */
export function errorsAfter({ sd, seenSd }: Kitchens, bakes: number) {
  const left = sdAfter(sd, seenSd, bakes);
  return {
    ninetieth: normalQuantile(0.95) * left,
    rmse: left,
    shareWithin: (m: number): number => within(m, left),
  };
}
