export { availabilityOf } from './availability';
export { doesIt, namesInTables, NO_BEHAVIOUR } from './behaviour';
export { RECORD_SOURCES } from './data/flourRecord';
export { getIngredient, makeCatalogue, unfold, type Catalogue } from './catalogue';
export { INGREDIENTS, ingredientsOf } from './ingredients';
export {
  compositionOfPanel,
  ingredientOfOwn,
  panelOf,
  panelTrouble,
  type NutritionPanel,
  type OwnIngredient,
} from './own';
export { isThirstGuessed, thirstOf } from './thirst';
export { plainId, VARIANT_MARK } from './variants';
export type {
  Behaviour,
  Component,
  Composition,
  FlourRecord,
  FlourTable,
  FlourTraits,
  Ingredient,
  Triple,
} from './types';
