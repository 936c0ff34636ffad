import type { Ingredient } from './types';

const DRY_ROLES = new Set([
  'inclusion',
  'fruit-veg',
  'flavour',
  'chocolate-cocoa',
  'wheat-flour',
  'gf-flour',
  'starch',
  'binder',
  'salt',
  'leavener',
]);
const LIQUID_FLAVOUR_WATER = 40;

/**
 * The share (0–1) of an ingredient's water that the flour can drink before the bake: 1 for liquids, eggs, syrups and fats,
 * its row's value for fruit and vegetables, 0 for dried fruit, chips and nuts. A flour's own water counts as bound.
 */
export function availabilityOf(ingredient: Ingredient): number {
  if (ingredient.freeWater !== null) return ingredient.freeWater;
  if (ingredient.role === 'flavour') return ingredient.composition.water > LIQUID_FLAVOUR_WATER ? 1 : 0;
  return DRY_ROLES.has(ingredient.role) ? 0 : 1;
}
