import type { BlendTrial, FlourShare } from '../../kitchen';
import { exchangedDesign, regionOf, termsOf, toNumber, type Model } from '../../statistics';
import type { MarkScale } from '../../vocabulary';
import { checkBakes, inSomeOrder } from './runs';

/** By so much a flour's share of those that are tried is moved either way, at most. */
const SPREAD = 0.25;
/** Less of a flour than this share of the whole blend is no part of it. */
const LEAST = 0.055;
const NEAR = 0.05;

/** A flour that may be tried, and how much of it all half batches together may take, g for each; null: as much as is wanted. */
export interface TriedFlour extends FlourShare {
  /** The greatest share of the whole blend that the bag allows; missing: no limit. */
  readonly most?: number;
}

/** Shares of those that are tried among themselves, and the limits that they are moved within. */
function limitsOf(flours: readonly TriedFlour[]) {
  const sum = flours.reduce((all, { share }) => all + share, 0);
  const now = flours.map(({ share }) => share / sum);
  return {
    now,
    lower: now.map((share) => Math.min(share, Math.max(LEAST / sum, share - SPREAD))),
    upper: now.map((share, at) =>
      Math.max(share, Math.min(1, share + SPREAD, (flours[at]!.most ?? Infinity) / sum)),
    ),
  };
}

/** As many coefficients as so many bakes can tell, and one more bake to judge by. */
const modelFor = (flours: number, bakes: number): Model =>
  bakes > termsOf(flours, 'quadratic').length ? 'quadratic' : 'linear';

/** Corners, middles of edges and of faces, and the middle of what may be baked. */
function candidatesOf(lower: readonly number[], upper: readonly number[]): number[][] {
  const { vertices, centroid, edges, faces } = regionOf(lower, upper);
  const all = [
    ...vertices.map((one) => one.map(toNumber)),
    ...edges,
    ...faces,
    ...(centroid ? [centroid.map(toNumber)] : []),
  ];
  const keys = new Set<string>();
  return all
    .map((one) => [...one])
    .filter((one) => {
      const key = one.map((share) => share.toFixed(6)).join();
      return !keys.has(key) && keys.add(key);
    });
}

/**
 * A trial of three or four flours of a blend: so many half batches within a quarter either way of what they are and what their bags hold,
 * the present blend among them, the others chosen so that together they tell most (D-optimal by exchange), in an order and under codes
 * from a seed. Throws RangeError but for three or four flours and four to eight bakes, and where bags leave nothing to be tried.
 */
export function planTrial(
  flours: readonly TriedFlour[],
  held: readonly FlourShare[],
  bakes: number,
  mark: MarkScale,
  seed: number,
): BlendTrial {
  if (flours.length < 3 || flours.length > 4)
    throw new RangeError(`A trial is of three or four flours, not ${flours.length}.`);
  checkBakes(bakes, flours.length + 1, `${flours.length} flours`);
  const { now, lower, upper } = limitsOf(flours);
  // What is baked now is among them anyway: nothing as near to it as this tells more.
  const candidates = candidatesOf(lower, upper).filter((one) =>
    one.some((share, at) => Math.abs(share - now[at]!) > NEAR),
  );
  const others = Math.min(bakes - 1, candidates.length);
  const fitting = modelFor(flours.length, bakes);
  const model = others >= termsOf(flours.length, fitting).length ? fitting : 'linear';
  const chosen = exchangedDesign(candidates, model, others).map((at) => candidates[at]!);
  return {
    kind: 'blend',
    flours: flours.map(({ ingredient }) => ingredient),
    held: held.map(({ ingredient, share }) => ({ ingredient, share })),
    lower,
    upper,
    mark,
    seed,
    runs: inSomeOrder([now, ...chosen], seed),
  };
}
