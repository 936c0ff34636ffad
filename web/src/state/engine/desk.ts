import type { Kitchen, RecipeDocument } from '@omniarton/core/kitchen';
import type { Recipe } from '@omniarton/core/read';

/** What is done in the kitchen of a key; null where that one isn't laid. */
export type InKitchen = <T>(key: string, work: (kitchen: Kitchen) => T) => T | null;
/** Reads a document's words in a kitchen. */
export type Read = (doc: RecipeDocument, kitchen: Kitchen) => { readonly recipe: Recipe };
