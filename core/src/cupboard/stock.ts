import type { BagOnHand, Stock } from '../kitchen';

const PER_KILO = 1000;

/** What a kilogram of a bag cost; null where its price or its size isn't known. */
export const pricePerKilo = ({ bag: { price, packGrams } }: BagOnHand): number | null =>
  price === null || packGrams === null || packGrams <= 0 ? null : (PER_KILO * price) / packGrams;

/** What is on hand of each thing, all its bags together, at the price of the cheapest that isn't empty. */
export function stockOf(bags: readonly BagOnHand[]): Stock[] {
  const byId = new Map<string, Stock>();
  for (const one of bags) {
    const { ingredient } = one.bag;
    const known = byId.get(ingredient);
    const price = pricePerKilo(one);
    const prices = [known?.pricePerKilo ?? null, price].filter((each) => each !== null);
    byId.set(ingredient, {
      ingredient,
      grams: (known?.grams ?? 0) + Math.max(0, one.grams),
      pricePerKilo: prices.length > 0 ? Math.min(...prices) : null,
    });
  }
  return [...byId.values()].sort((a, b) => (a.ingredient < b.ingredient ? -1 : 1));
}
