import { SCALES } from './data/scales';

/** What a blend is judged by. */
export const PROPERTIES = [
  'starch',
  'hold',
  'chew',
  'snap',
  'soft',
  'body',
  'thirst',
  'flavour',
  'colour',
  'grit',
  'fat',
] as const;
export type Property = (typeof PROPERTIES)[number];
/** These count only above their target. */
export const ONE_SIDED: ReadonlySet<Property> = new Set(['flavour', 'colour', 'grit', 'fat']);

export const SCALE_OF: Readonly<Record<Property, number>> = {
  starch: SCALES.starch,
  hold: SCALES.score,
  chew: SCALES.score,
  snap: SCALES.score,
  soft: SCALES.score,
  body: SCALES.score,
  thirst: SCALES.thirst,
  flavour: SCALES.flavour,
  colour: SCALES.colour,
  grit: SCALES.grit,
  fat: SCALES.fat,
};

export type PropertyVector = Readonly<Record<Property, number>>;

/** A flour's vector and how much of it there is, in any unit. */
export interface Portion {
  readonly share: number;
  readonly vector: PropertyVector;
}

/**
 * The weighted mean of flours' properties: all of a blend's properties are linear in its shares. Cheap enough for every
 * move of a pointer. Example: rice 50, tapioca 50 → chew (1 + 8) / 2 = 4.5.
 */
export function mixVectors(portions: readonly Portion[]): PropertyVector {
  const total = portions.reduce((sum, { share }) => sum + share, 0);
  const sum = (property: Property) =>
    portions.reduce((value, { share, vector }) => value + vector[property] * share, 0) / (total || 1);
  return {
    starch: sum('starch'),
    hold: sum('hold'),
    chew: sum('chew'),
    snap: sum('snap'),
    soft: sum('soft'),
    body: sum('body'),
    thirst: sum('thirst'),
    flavour: sum('flavour'),
    colour: sum('colour'),
    grit: sum('grit'),
    fat: sum('fat'),
  };
}
