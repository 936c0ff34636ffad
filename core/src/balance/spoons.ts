import { cupOf } from '../blend';
import type { Catalogue } from '../catalogue';
import { SPOON_STEPS } from './data/binders';

const TEASPOONS_A_CUP = 48;

/** Grams of a teaspoon's step at such a weight: an eighth up to half a teaspoon, a quarter above. */
export function spoonStep(grams: number, ingredient: string, catalogue: Catalogue): number {
  const spoon = cupOf(ingredient, catalogue) / TEASPOONS_A_CUP;
  const { small, upTo, large } = SPOON_STEPS;
  return (grams <= upTo * spoon ? small : large) * spoon;
}

/** Grams of a powder as a spoon has them: nothing between none and an eighth of a teaspoon. Example: 6.2 g of baking powder → 5.6, 1¼ tsp. */
export function nearestSpoon(grams: number, ingredient: string, catalogue: Catalogue): number {
  const step = spoonStep(grams, ingredient, catalogue);
  return Math.round(grams / step) * step;
}
