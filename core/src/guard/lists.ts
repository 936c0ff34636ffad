import { ALLERGENS, US_ALLERGENS, type Allergen, type GlutenClass } from '../vocabulary';

/** What the law makes a label name: by the US list and by the EU's. */
export interface ByLaw {
  readonly us: readonly string[];
  readonly eu: readonly string[];
}

/** Coconut is on no list by itself: US labels took it for a tree nut until 2025, the EU never did. */
const EU_ALLERGENS = ALLERGENS.filter((one) => one !== 'coconut' && one !== 'wheat');
const CEREALS = 'cereals with gluten';

/**
 * The allergens of a line as each law lists them. The US names nine (FALCPA 2004, FASTER 2021): of the cereals wheat
 * alone, so that barley, rye and malt go unnamed. The EU names fourteen (1169/2011, Annex II): all cereals with gluten,
 * oats among them, and lupin, celery, mustard, molluscs and sulphites.
 */
export function namedByLaw(allergens: readonly Allergen[], gluten: GlutenClass, oats: boolean): ByLaw {
  const cereals = gluten === 'contains' || oats || allergens.includes('wheat');
  return {
    us: US_ALLERGENS.filter((one) => allergens.includes(one)),
    eu: [...(cereals ? [CEREALS] : []), ...EU_ALLERGENS.filter((one) => allergens.includes(one))],
  };
}
