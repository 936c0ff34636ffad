import type { Diet } from '../../vocabulary';

/** What a rule brings into the bowl where it wants such a thing: ids of the catalogue. Common practice. */
export const BROUGHT_IN = {
  liquid: 'water',
  /** Where something in the bowl is from milk already. */
  milkyLiquid: 'whole-milk',
  egg: 'egg',
  soda: 'baking-soda',
  powder: 'baking-powder',
  acid: 'vinegar',
  /** Stands in for egg; what is more of it than the flour bears comes as the purée. */
  gel: 'flax-meal',
  puree: 'applesauce',
} as const;

/** Pure starches that thicken, in order of preference, and what dusts a bench or tin. Common practice. */
export const STARCH_FOR: Readonly<Record<Diet, { readonly thickens: readonly [string, ...string[]]; readonly dusts: string }>> = {
  'gluten-free': { thickens: ['corn-starch', 'arrowroot', 'tapioca-starch'], dusts: 'white-rice-flour' },
  'grain-free': { thickens: ['arrowroot', 'tapioca-starch'], dusts: 'tapioca-starch' },
};

/** The wheat flour that what is usual of a family is told in. */
export const USUAL_WHEAT = 'all-purpose-flour';
