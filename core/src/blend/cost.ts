import { unfold, type Catalogue } from '../catalogue';
import type { Kitchen } from '../kitchen';
import { PRICE_UNIT } from './data/scales';

/** A price, and whether all of it was written down or some of it is a rough guess from the others. */
export interface Price {
  readonly perKilo: number;
  readonly guessed: boolean;
}

/** A flour that no table has a price of, against fine rice flour. Common practice. */
const ANY_PRICE = 1.5;

/** A kilogram against a kilogram of fine white rice flour, by the table: a rough guess. */
export function priceIndex(id: string, catalogue: Catalogue): number {
  const one = catalogue.byId.get(id);
  if (one === undefined) return ANY_PRICE;
  if (one.flour) return one.flour.price;
  return unfold(catalogue, id).reduce(
    (sum, { ingredient, share }) => sum + share * (catalogue.byId.get(ingredient)?.flour?.price ?? ANY_PRICE),
    0,
  );
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}

/**
 * What a kilogram of a flour costs in the household's money: as written on its bag, else guessed from the table's ratio and
 * the prices of the other bags (their median). Null where no bag has a price.
 */
export function priceOf(id: string, kitchen: Kitchen, catalogue: Catalogue): Price | null {
  const priced = (kitchen.cupboard ?? []).flatMap(({ ingredient, pricePerKilo }) =>
    pricePerKilo === null ? [] : [{ ingredient, pricePerKilo }],
  );
  const own = priced.find(({ ingredient }) => ingredient === id);
  if (own) return { perKilo: own.pricePerKilo, guessed: false };
  if (priced.length === 0) return null;
  const unit = median(
    priced.map(({ ingredient, pricePerKilo }) => pricePerKilo / priceIndex(ingredient, catalogue)),
  );
  return { perKilo: unit * priceIndex(id, catalogue), guessed: true };
}

/** Prices against fine rice flour, those on the bags first: what `cheap` counts with. */
export function pricesFor(
  flours: readonly string[],
  kitchen: Kitchen,
  catalogue: Catalogue,
): Record<string, number> {
  const rice = priceOf(PRICE_UNIT, kitchen, catalogue)?.perKilo;
  return Object.fromEntries(
    flours.map((id) => [
      id,
      rice === undefined ? priceIndex(id, catalogue) : priceOf(id, kitchen, catalogue)!.perKilo / rice,
    ]),
  );
}

/** What some grams of a blend cost; null where no bag has a price. */
export function costOf(
  shares: readonly { readonly ingredient: string; readonly share: number }[],
  grams: number,
  kitchen: Kitchen,
  catalogue: Catalogue,
): { readonly amount: number; readonly guessed: boolean } | null {
  const prices = shares.map(({ ingredient, share }) => ({
    share,
    price: priceOf(ingredient, kitchen, catalogue),
  }));
  if (prices.some(({ price }) => price === null)) return null;
  return {
    amount: prices.reduce((sum, { share, price }) => sum + (share * grams * price!.perKilo) / 1000, 0),
    guessed: prices.some(({ price }) => price!.guessed),
  };
}
