export { availabilityOf } from './availability';
export { getIngredient, makeCatalogue, unfold, type Catalogue } from './catalogue';
export { INGREDIENTS } from './ingredients';
export {
  compositionOfPanel,
  ingredientOfOwn,
  panelOf,
  panelTrouble,
  type NutritionPanel,
  type OwnIngredient,
} from './own';
export { thirstOf } from './thirst';
export { plainId, VARIANT_MARK } from './variants';
export type { Component, Composition, Ingredient, Triple } from './types';
