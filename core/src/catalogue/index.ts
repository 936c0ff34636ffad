export { availabilityOf } from './availability';
export { getIngredient, makeCatalogue, unfold, type Catalogue } from './catalogue';
export { INGREDIENTS } from './ingredients';
export { thirstOf } from './thirst';
export type { Component, Composition, Ingredient, Triple } from './types';
