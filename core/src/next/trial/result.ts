import type { PlannedTrial } from '../../kitchen';
import {
  FACTOR_MODELS,
  factorRow,
  factorTerms,
  fitMixture,
  fitSurface,
  normalCdf,
  termsOf,
  tQuantile,
  type FactorModel,
  type Model,
  type SurfaceFit,
} from '../../statistics';

/** What was given to a run's bakes, by its code. */
export type TrialMarks = Readonly<Record<string, readonly number[]>>;

/** A point of a trial, as its runs have them, with what is believed of its mark. */
export interface Foreseen {
  readonly at: readonly number[];
  readonly value: number;
  /** 95 % of means; null where nothing is left to judge by. */
  readonly interval: readonly [number, number] | null;
}

/** By how much the mark moves from the low to the high setting of a factor. */
export interface Effect {
  readonly value: number;
  readonly interval: readonly [number, number] | null;
}

/** What a trial has shown so far. */
export interface TrialResult {
  /** Bakes that were marked, and how many more would be wanted before anything can be fitted. */
  readonly marked: number;
  readonly wanting: number;
  readonly model: Model | FactorModel | null;
  readonly best: Foreseen | null;
  /** Where the next bake would most likely beat the best that was baked; null: nowhere, or nothing can be said. */
  readonly next: Foreseen | null;
  /** P of as little fit by chance: small where the surface isn't such a one; null: no point was baked twice. */
  readonly lackP: number | null;
  /** Of three flours or two factors: what is believed over all that may be baked. */
  readonly field: readonly Foreseen[];
  /** Of a process: what each factor does, in their order. */
  readonly effects: readonly Effect[];
}

/** How points of a trial are modelled: what may be fitted, the fullest first, and where it is looked for the best. */
interface Space {
  readonly models: readonly (Model | FactorModel)[];
  readonly coefficients: (model: Model | FactorModel) => number;
  readonly fit: (
    points: readonly (readonly number[])[],
    marks: readonly number[],
    model: Model | FactorModel,
  ) => SurfaceFit | null;
  readonly grid: readonly (readonly number[])[];
  /** Few enough dimensions to be drawn. */
  readonly drawn: boolean;
}

const BLEND_STEPS = 20;

/** All blends within limits, in steps. */
function blendGrid(lower: readonly number[], upper: readonly number[]): number[][] {
  const fill = (left: number, at: number): number[][] => {
    if (at === lower.length - 1) return [[left / BLEND_STEPS]];
    return Array.from({ length: left + 1 }, (_, part) => part).flatMap((part) =>
      fill(left - part, at + 1).map((rest) => [part / BLEND_STEPS, ...rest]),
    );
  };
  const near = 0.5 / BLEND_STEPS;
  return fill(BLEND_STEPS, 0).filter((shares) =>
    shares.every((share, at) => share >= lower[at]! - near && share <= upper[at]! + near),
  );
}

const LEVELS = 11;

/** All settings of so many factors, in steps. */
function levelGrid(factors: number): number[][] {
  if (factors === 0) return [[]];
  const levels = Array.from({ length: LEVELS }, (_, at) => -1 + (2 * at) / (LEVELS - 1));
  return levelGrid(factors - 1).flatMap((rest) => levels.map((level) => [...rest, level]));
}

function spaceOf(trial: PlannedTrial): Space {
  if (trial.kind === 'blend') {
    const q = trial.flours.length;
    return {
      models: ['quadratic', 'linear'],
      coefficients: (model) => termsOf(q, model as Model).length,
      fit: (points, marks, model) => fitMixture(points, marks, model as Model),
      grid: blendGrid(trial.lower, trial.upper),
      drawn: q === 3,
    };
  }
  const k = trial.factors.length;
  return {
    models: FACTOR_MODELS,
    coefficients: (model) => factorTerms(k, model as FactorModel),
    fit: (points, marks, model) => fitSurface(points, (at) => factorRow(at, model as FactorModel), marks),
    grid: levelGrid(k),
    drawn: k === 2,
  };
}

/** By how much a point is expected to beat the best so far (Jones, Schonlau and Welch 1998; from memory). */
function improvement(
  { value, error }: { readonly value: number; readonly error: number | null },
  best: number,
): number {
  if (error === null || error <= 0) return Math.max(0, value - best);
  const z = (value - best) / error;
  return (value - best) * normalCdf(z) + (error * Math.exp((-z * z) / 2)) / Math.sqrt(2 * Math.PI);
}

const clamped = (value: number): number => Math.min(9, Math.max(1, value));
const SURE = 0.975;

/** What each factor does from its low to its high setting, with the other factors in the middle. */
function effectsOf(factors: number, { coefficients, errors, df }: SurfaceFit): Effect[] {
  return Array.from({ length: factors }, (_, at) => {
    const value = 2 * coefficients[at + 1]!;
    if (!errors) return { value, interval: null };
    const by = 2 * errors[at + 1]! * tQuantile(SURE, df);
    return { value, interval: [value - by, value + by] };
  });
}

const top = <T>(of: readonly T[], by: (one: T) => number): T | null =>
  of.reduce<T | null>((most, one) => (most === null || by(one) > by(most) ? one : most), null);

/** Less than this of a mark isn't worth another bake. */
const WORTH = 0.02;

/** What a trial's marks say: a surface with its doubt, its best point, and the one to bake next. Nothing before there is a bake more than coefficients. */
export function trialResult(trial: PlannedTrial, marks: TrialMarks): TrialResult {
  const { models, coefficients, fit, grid, drawn } = spaceOf(trial);
  const rows = trial.runs.flatMap(({ code, at }) => (marks[code] ?? []).map((mark) => ({ at, mark })));
  const points = rows.map(({ at }) => at);
  const given = rows.map(({ mark }) => mark);
  const tellable = models.filter((model) => rows.length > coefficients(model));
  const model = tellable.find((one) => fit(points, given, one) !== null) ?? null;
  const found = model && fit(points, given, model);
  const wanting = Math.max(0, coefficients(models.at(-1)!) + 1 - rows.length);
  if (!found)
    return {
      marked: rows.length,
      wanting,
      model: null,
      best: null,
      next: null,
      lackP: null,
      field: [],
      effects: [],
    };
  const field = grid.map((at) => {
    const { value, mean, error } = found.at(at);
    const interval = mean && ([clamped(mean[0]), clamped(mean[1])] as const);
    return { at, value: clamped(value), interval, error };
  });
  const bare = ({ at, value, interval }: Foreseen): Foreseen => ({ at, value, interval });
  const best = top(field, ({ value }) => value);
  const baked = Math.max(...given);
  const next = top(field, (one) => improvement(one, baked));
  return {
    marked: rows.length,
    wanting,
    model,
    best: best && bare(best),
    next: next && improvement(next, baked) > WORTH ? bare(next) : null,
    lackP: found.lack?.test?.p ?? null,
    field: drawn ? field.map(bare) : [],
    effects: trial.kind === 'process' ? effectsOf(trial.factors.length, found) : [],
  };
}
