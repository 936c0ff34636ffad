import type { Catalogue } from '../catalogue';
import { SCALES } from './data/scales';
import { propertiesOf } from './properties';
import { PROPERTIES, SCALE_OF, ONE_SIDED, type PropertyVector } from './vector';

/** Members of a group may together have at most this share. A flour is in at most one group. */
export interface GroupLimit {
  readonly name: 'starches' | 'legumes';
  readonly members: readonly string[];
  readonly most: number;
}

/** What is to be blended. Shares are fractions. */
export interface BlendQuestion {
  readonly flours: readonly string[];
  readonly target: PropertyVector;
  readonly caps: Readonly<Record<string, number>>;
  readonly groups: readonly GroupLimit[];
  /** Shares that a person holds where they are; their flours are in every answer. */
  readonly pins: Readonly<Record<string, number>>;
  /** Flours that are in every answer, with at least this share. */
  readonly floors: Readonly<Record<string, number>>;
  /** Flours that would have to be bought, and at most how many of them may be used. */
  readonly bought: readonly string[];
  readonly mostBought: number;
  /** Prices against that of fine rice flour, where price counts; null where it doesn't. */
  readonly prices: Readonly<Record<string, number>> | null;
  /** At most so many flours (K). */
  readonly most: number;
  readonly leastShare: number;
  readonly ridge: number;
  /** How many blends that differ are wanted. */
  readonly answers: number;
}

/** The question in numbers: deviations from the target by flour, in units of their scales. */
export interface Deviations {
  /** Row i: deviations of flour i in the properties that count both ways. */
  readonly both: readonly (readonly number[])[];
  /** Row i: in the one-sided properties, which count only above zero. */
  readonly above: readonly (readonly number[])[];
  /** Gram matrix of the two-sided ones with the ridge on its diagonal. */
  readonly gram: readonly Float64Array[];
}

const TWO_SIDED_LIST = PROPERTIES.filter((property) => !ONE_SIDED.has(property));
const ONE_SIDED_LIST = PROPERTIES.filter((property) => ONE_SIDED.has(property));

/** How far each price stands above the cheapest, in its scale: never under zero, so that it may stand among the two-sided. */
function dearness(flours: readonly string[], prices: BlendQuestion['prices']): number[][] {
  if (!prices) return flours.map(() => []);
  const cheapest = Math.min(...flours.map((id) => prices[id]!));
  return flours.map((id) => [(prices[id]! - cheapest) / SCALES.price]);
}

/** Σx = 1, so a blend's deviation is the shares' weighted sum of the flours' own: aᵢ = (pᵢ − target) / scale. */
export function deviationsOf(
  { flours, target, ridge, prices }: BlendQuestion,
  catalogue: Catalogue,
): Deviations {
  const vectors = flours.map((id) => propertiesOf(id, catalogue));
  const scaled = (list: (typeof PROPERTIES)[number][]) =>
    vectors.map((vector) =>
      list.map((property) => (vector[property] - target[property]) / SCALE_OF[property]),
    );
  const dear = dearness(flours, prices);
  const both = scaled(TWO_SIDED_LIST).map((row, at) => [...row, ...dear[at]!]);
  const dot = (a: readonly number[], b: readonly number[]) =>
    a.reduce((sum, value, at) => sum + value * b[at]!, 0);
  const gram = both.map((row, i) =>
    Float64Array.from(both, (other, j) => dot(row, other) + (i === j ? ridge : 0)),
  );
  return { both, above: scaled(ONE_SIDED_LIST), gram };
}
