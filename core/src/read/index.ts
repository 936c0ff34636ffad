export { cleanLine } from './clean';
export { textOfLinkedData } from './linkedData';
export { matchIngredient } from './match';
export { tokensOf } from './names';
export { ingredientLines, readRecipe, type ReadResult } from './recipe';
export type { BakeFacts, Item, Line, LineKind, Pan, Part, Recipe, Step } from './types';
