import type { Property, PropertyVector } from './properties';

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
