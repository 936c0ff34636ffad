import { availabilityOf, doesIt, getIngredient, thirstOf, type Catalogue } from '../catalogue';
import type { FormulaLine } from './types';

/** Grams of water that the flour can drink before the bake: Σ mᵢ · water · availability. */
export function drinkOf(lines: readonly FormulaLine[], catalogue: Catalogue): number {
  return lines.reduce((sum, { ingredient, grams }) => {
    const one = getIngredient(catalogue, ingredient);
    return sum + (grams * one.composition.water * availabilityOf(one)) / 100;
  }, 0);
}

/**
 * Grams of water that the dry things hold: Σ mᵢ · kᵢ, with kᵢ the water-holding in g per g. What thickens free water instead of
 * holding a share of its own (gums, husk) is left out.
 */
export function thirstGrams(lines: readonly FormulaLine[], catalogue: Catalogue): number {
  return lines.reduce(
    (sum, { ingredient, grams }) =>
      doesIt(getIngredient(catalogue, ingredient), 'thickens free water')
        ? sum
        : sum + grams * thirstOf(catalogue, ingredient)[0],
    0,
  );
}
