import {
  cupOfPortions,
  mixVectors,
  type BenchFlour,
  type HandShare,
  type PropertyVector,
} from '@omniarton/core/blend';
import type { BlendBench } from '@omniarton/core/docket';
import { say } from '@omniarton/core/words';

/** A flour of the blend as a hand has it: its share while it is moved, and all that the bench knows of it. */
export interface HandFlour extends HandShare {
  readonly flour: BenchFlour;
}

/** What follows from shares: summed over a handful of flours, at every move of a pointer. */
export interface HandBlend {
  readonly flours: readonly HandFlour[];
  readonly properties: PropertyVector;
  readonly perKilo: number | null;
  readonly cupGrams: number;
  /** Limits that are passed, in words. */
  readonly over: readonly string[];
}

const PERCENT = 100;
/** Rounding to whole percents may pass a limit by so much. */
const ROUNDING = 0.0051;

/** What follows from the shares that a hand gives. */
export function handBlend(flours: readonly HandFlour[], { groups }: BlendBench): HandBlend {
  const prices = flours.map(({ flour, share }) => (flour.perKilo === null ? null : flour.perKilo * share));
  const caps = flours
    .filter(({ share, flour }) => share > flour.cap + ROUNDING)
    .map(
      ({ flour, share }) =>
        `${flour.name} ${Math.round(share * PERCENT)} %, over ${Math.round(flour.cap * PERCENT)} % (${say(flour.whyCap)})`,
    );
  const kinds = groups.flatMap(({ name, members, most }) => {
    const sum = flours.reduce(
      (total, one) => (members.includes(one.ingredient) ? total + one.share : total),
      0,
    );
    return sum > most + ROUNDING
      ? [`${name} ${Math.round(sum * PERCENT)} %, over ${Math.round(most * PERCENT)} %`]
      : [];
  });
  return {
    flours,
    properties: mixVectors(flours.map(({ share, flour }) => ({ share, vector: flour.vector }))),
    perKilo: prices.some((one) => one === null) ? null : prices.reduce<number>((sum, one) => sum + one!, 0),
    cupGrams: cupOfPortions(flours.map(({ share, flour }) => ({ share, cupGrams: flour.cupGrams }))),
    over: [...caps, ...kinds],
  };
}
