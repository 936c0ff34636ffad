import type { PlannedTrial, TrialRun } from '../../kitchen';
import {
  codesFrom,
  exchangedDesign,
  fitMixture,
  normalCdf,
  numbersFrom,
  regionOf,
  shuffled,
  termsOf,
  toNumber,
  type MixtureFit,
  type Model,
} from '../../statistics';
import type { MarkScale } from '../../vocabulary';

/** A flour of a blend with its share of it. */
export interface FlourShare {
  readonly ingredient: string;
  readonly share: number;
}

/** By so much a flour's share of those that are tried is moved either way, at most. */
const SPREAD = 0.25;
/** Less of a flour than this share of the whole blend is no part of it. */
const LEAST = 0.055;
const NEAR = 0.05;
export const TRIAL_BAKES = [4, 8] as const;

/** Shares of those that are tried among themselves, and the limits that they are moved within. */
function limitsOf(flours: readonly FlourShare[]) {
  const sum = flours.reduce((all, { share }) => all + share, 0);
  const now = flours.map(({ share }) => share / sum);
  return {
    now,
    lower: now.map((share) => Math.min(share, Math.max(LEAST / sum, share - SPREAD))),
    upper: now.map((share) => Math.min(1, share + SPREAD)),
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
 * A trial of three or four flours of a blend: so many half batches within a quarter either way of what they are, the present blend among them,
 * the others chosen so that together they tell most (D-optimal by exchange), in an order and under codes from a seed. Throws RangeError but
 * for three or four flours and four to eight bakes.
 */
export function planTrial(
  flours: readonly FlourShare[],
  held: readonly FlourShare[],
  bakes: number,
  mark: MarkScale,
  seed: number,
): PlannedTrial {
  if (flours.length < 3 || flours.length > 4)
    throw new RangeError(`A trial is of three or four flours, not ${flours.length}.`);
  const [least, most] = [Math.max(TRIAL_BAKES[0], flours.length + 1), TRIAL_BAKES[1]];
  if (bakes < least || bakes > most)
    throw new RangeError(`A trial of ${flours.length} flours has ${least} to ${most} bakes, not ${bakes}.`);
  const { now, lower, upper } = limitsOf(flours);
  // What is baked now is among them anyway: nothing as near to it as this tells more.
  const candidates = candidatesOf(lower, upper).filter((one) =>
    one.some((share, at) => Math.abs(share - now[at]!) > NEAR),
  );
  const others = Math.min(bakes - 1, candidates.length);
  const fitting = modelFor(flours.length, bakes);
  const model = others >= termsOf(flours.length, fitting).length ? fitting : 'linear';
  const chosen = exchangedDesign(candidates, model, others).map((at) => candidates[at]!);
  const below = numbersFrom(seed);
  const code = codesFrom(below);
  const runs = shuffled([now, ...chosen], below).map((shares): TrialRun => ({
    code: code(),
    shares: shares.map((share) => Number(share.toFixed(4))),
  }));
  return {
    flours: flours.map(({ ingredient }) => ingredient),
    held: held.map(({ ingredient, share }) => ({ ingredient, share })),
    lower,
    upper,
    mark,
    seed,
    runs,
  };
}

/** The whole blend of a run: what is tried as the run has it, the rest as it is; shares that come to one. */
export function blendOfRun(
  { flours, held }: Pick<PlannedTrial, 'flours' | 'held'>,
  { shares }: TrialRun,
): readonly FlourShare[] {
  const rest = held.reduce((sum, { share }) => sum + share, 0);
  const own = [...flours.map((ingredient, at) => ({ ingredient, share: shares[at]! * (1 - rest) })), ...held];
  const all = own.reduce((sum, { share }) => sum + share, 0);
  return own.map(({ ingredient, share }) => ({ ingredient, share: share / all }));
}

/** What was given to a run's bakes, by its code. */
export type TrialMarks = Readonly<Record<string, readonly number[]>>;

/** A blend with what is believed of its mark. */
export interface Foreseen {
  readonly shares: readonly number[];
  readonly value: number;
  /** 95 % of means; null where nothing is left to judge by. */
  readonly interval: readonly [number, number] | null;
}

/** What a trial has shown so far. */
export interface TrialResult {
  /** Bakes that were marked, and how many more would be wanted before anything can be fitted. */
  readonly marked: number;
  readonly wanting: number;
  readonly model: Model | null;
  readonly best: Foreseen | null;
  /** Where the next bake would most likely beat the best that was baked; null: nowhere, or nothing can be said. */
  readonly next: Foreseen | null;
  /** P of as little fit by chance: small where the surface isn't such a one; null: no blend was baked twice. */
  readonly lackP: number | null;
  /** Of three flours: what is believed over the triangle. */
  readonly field: readonly Foreseen[];
}

const STEPS = 20;

/** All blends within limits, in steps. */
function gridOf(lower: readonly number[], upper: readonly number[]): number[][] {
  const fill = (left: number, at: number): number[][] => {
    if (at === lower.length - 1) return [[left / STEPS]];
    return Array.from({ length: left + 1 }, (_, part) => part).flatMap((part) =>
      fill(left - part, at + 1).map((rest) => [part / STEPS, ...rest]),
    );
  };
  const near = 0.5 / STEPS;
  return fill(STEPS, 0).filter((shares) =>
    shares.every((share, at) => share >= lower[at]! - near && share <= upper[at]! + near),
  );
}

/** By how much a blend is expected to beat the best so far (Jones, Schonlau and Welch 1998; from memory). */
function improvement(
  { value, error }: { readonly value: number; readonly error: number | null },
  best: number,
): number {
  if (error === null || error <= 0) return Math.max(0, value - best);
  const z = (value - best) / error;
  return (value - best) * normalCdf(z) + (error * Math.exp((-z * z) / 2)) / Math.sqrt(2 * Math.PI);
}

/** A surface over marked bakes: the richest that they can tell. */
function fitted(
  blends: readonly (readonly number[])[],
  marks: readonly number[],
): { readonly fit: MixtureFit; readonly model: Model } | null {
  const q = blends[0]?.length ?? 0;
  for (const model of ['quadratic', 'linear'] as const) {
    if (q === 0 || blends.length <= termsOf(q, model).length) continue;
    const fit = fitMixture(blends, marks, model);
    if (fit) return { fit, model };
  }
  return null;
}

const clamped = (value: number): number => Math.min(9, Math.max(1, value));

/** What a trial's marks say: a surface with its doubt, its best blend, and the one to bake next. Nothing before there is a bake more than coefficients. */
export function trialResult({ runs, lower, upper, flours }: PlannedTrial, marks: TrialMarks): TrialResult {
  const rows = runs.flatMap(({ code, shares }) => (marks[code] ?? []).map((mark) => ({ shares, mark })));
  const found = fitted(
    rows.map(({ shares }) => shares),
    rows.map(({ mark }) => mark),
  );
  const wanting = Math.max(0, flours.length + 1 - rows.length);
  if (!found)
    return { marked: rows.length, wanting, model: null, best: null, next: null, lackP: null, field: [] };
  const { fit, model } = found;
  const foreseen = (shares: readonly number[]): Foreseen & { readonly error: number | null } => {
    const { value, mean, error } = fit.at(shares);
    return { shares, value: clamped(value), interval: mean && [clamped(mean[0]), clamped(mean[1])], error };
  };
  const field = gridOf(lower, upper).map(foreseen);
  const bare = ({ shares, value, interval }: Foreseen): Foreseen => ({ shares, value, interval });
  const top = <T>(of: readonly T[], by: (one: T) => number): T | null =>
    of.reduce<T | null>((most, one) => (most === null || by(one) > by(most) ? one : most), null);
  const best = top(field, ({ value }) => value);
  const baked = Math.max(...rows.map(({ mark }) => mark));
  const next = top(field, (one) => improvement(one, baked));
  return {
    marked: rows.length,
    wanting,
    model,
    best: best && bare(best),
    next: next && improvement(next, baked) > 0.02 ? bare(next) : null,
    lackP: fit.lack?.test?.p ?? null,
    field: flours.length === 3 ? field.map(bare) : [],
  };
}
