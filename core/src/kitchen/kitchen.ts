import { INGREDIENTS, makeCatalogue, type Catalogue, type Ingredient } from '../catalogue';

/** What is on hand of a flour, grams. */
export interface Stock {
  readonly ingredient: string;
  readonly grams: number;
}

/**
 * Everything of a household that a computation may use: one frozen, serialisable snapshot. User data enters the core
 * no other way. `version` changes with any of it.
 */
export interface Kitchen {
  readonly version: string;
  /** Entries of the household's own, or in the place of the product's. */
  readonly ingredients: readonly Ingredient[];
  /** Null: nothing is written down, every flour may be bought. */
  readonly cupboard: readonly Stock[] | null;
  /** How much hotter (+) the oven runs than its dial, °C. */
  readonly ovenOffsetCelsius: number;
}

export const BUILT_IN_KITCHEN: Kitchen = {
  version: 'built-in',
  ingredients: [],
  cupboard: null,
  ovenOffsetCelsius: 0,
};

const BUILT_IN_CATALOGUE = makeCatalogue(INGREDIENTS);
const merged = new WeakMap<Kitchen, Catalogue>();

/** The product's catalogue with the household's entries laid over it. Made once for a snapshot. */
export function catalogueOf(kitchen: Kitchen): Catalogue {
  if (kitchen.ingredients.length === 0) return BUILT_IN_CATALOGUE;
  const known = merged.get(kitchen);
  if (known) return known;
  const byId = new Map([...INGREDIENTS, ...kitchen.ingredients].map((one) => [one.id, one]));
  const made = makeCatalogue([...byId.values()]);
  merged.set(kitchen, made);
  return made;
}
