export { UnreadableDocumentError, upcast, type Steps, type Stored } from './chain';
export { upcastBag } from './bag';
export { upcastBake } from './bake';
export { upcastKitchen } from './kitchen';
export { upcastRecipe } from './recipe';
export { upcastSettings } from './settings';
