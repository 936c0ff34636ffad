import { availabilityOf, getIngredient, thirstOf, type Catalogue } from '../catalogue';
import type { FormulaLine } from './types';

/** Gums thicken free water instead of holding their own share of it: they are left out of thirst, husks are shown apart. */
const NOT_COUNTED = new Set([
  'xanthan-gum',
  'guar-gum',
  'locust-bean-gum',
  'psyllium-husk',
  'psyllium-powder',
]);

/** Grams of water that the flour can drink before the bake: Σ mᵢ · water · availability. */
export function drinkOf(lines: readonly FormulaLine[], catalogue: Catalogue): number {
  return lines.reduce((sum, { ingredient, grams }) => {
    const one = getIngredient(catalogue, ingredient);
    return sum + (grams * one.composition.water * availabilityOf(one)) / 100;
  }, 0);
}

/** Grams of water that the dry things hold: Σ mᵢ · kᵢ, with kᵢ the water-holding in g per g. */
export function thirstGrams(lines: readonly FormulaLine[], catalogue: Catalogue): number {
  return lines.reduce(
    (sum, { ingredient, grams }) =>
      NOT_COUNTED.has(ingredient) ? sum : sum + grams * thirstOf(catalogue, ingredient)[0],
    0,
  );
}
