import { takeFrom } from '../blend';
import type { BagOnHand } from '../kitchen';

/** So many grams of something. */
export interface Need {
  readonly ingredient: string;
  readonly grams: number;
}

/** What is taken from which bag, and what no bag had. */
export interface Taking {
  readonly entries: readonly { readonly bag: string; readonly grams: number }[];
  readonly missing: readonly Need[];
}

/** Needs of one thing in several lines as one. */
export function gatherNeeds(needs: readonly Need[]): Need[] {
  const byId = new Map<string, number>();
  for (const { ingredient, grams } of needs) byId.set(ingredient, (byId.get(ingredient) ?? 0) + grams);
  return [...byId].map(([ingredient, grams]) => ({ ingredient, grams }));
}

/** Takes what a bake needs out of the cupboard: from the fullest-used bags first, so that they are finished. */
export function takeFromBags(needs: readonly Need[], bags: readonly BagOnHand[]): Taking {
  const taken = gatherNeeds(needs).map(({ ingredient, grams }) => ({
    ingredient,
    ...takeFrom(
      grams,
      bags
        .filter(({ bag }) => bag.ingredient === ingredient)
        .map((one) => ({ bag: one.id, ingredient, grams: one.grams })),
    ),
  }));
  return {
    entries: taken.flatMap(({ from }) => from.map(({ bag, grams }) => ({ bag, grams: -grams }))),
    missing: taken.flatMap(({ ingredient, missing }) =>
      missing > 0 ? [{ ingredient, grams: missing }] : [],
    ),
  };
}
