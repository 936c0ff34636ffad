import { MissingRowError } from '../vocabulary';
import type { Component, Ingredient } from './types';

/** Ingredients by id: the product's own, with a household's corrections laid over them. */
export interface Catalogue {
  readonly all: readonly Ingredient[];
  readonly byId: ReadonlyMap<string, Ingredient>;
}

const MAX_UNFOLD = 8;

export function makeCatalogue(ingredients: readonly Ingredient[]): Catalogue {
  return { all: ingredients, byId: new Map(ingredients.map((one) => [one.id, one])) };
}

/** The ingredient of an id. Throws MissingRowError naming the id when there is none. */
export function getIngredient(catalogue: Catalogue, id: string): Ingredient {
  const found = catalogue.byId.get(id);
  if (!found) throw new MissingRowError('ingredients', id);
  return found;
}

/**
 * What a composite comes down to: simple ingredients with their shares of its weight (Σ = Σ of the parts).
 * A simple ingredient is itself, with share 1. Throws when composites hold each other in a circle.
 */
export function unfold(catalogue: Catalogue, id: string, depth = 0): readonly Component[] {
  const { madeOf } = getIngredient(catalogue, id);
  if (madeOf.length === 0) return [{ ingredient: id, share: 1 }];
  if (depth === MAX_UNFOLD) throw new RangeError(`The composite "${id}" holds itself.`);
  return madeOf.flatMap((part) =>
    unfold(catalogue, part.ingredient, depth + 1).map((inner) => ({
      ingredient: inner.ingredient,
      share: inner.share * part.share,
    })),
  );
}
