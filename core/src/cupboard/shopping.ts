import { getIngredient, type Catalogue } from '../catalogue';
import type { BagOnHand } from '../kitchen';
import type { Role } from '../vocabulary';
import { pricePerKilo } from './stock';
import { gatherNeeds, type Need } from './take';

/** Something to buy, in whole packs. */
export interface ToBuy {
  readonly ingredient: string;
  readonly name: string;
  readonly need: number;
  readonly have: number;
  readonly packs: number;
  readonly packGrams: number;
  /** True where nobody wrote a pack's size down and the usual one stands in. */
  readonly packGuessed: boolean;
  /** A flour, binder or leavener, or something that the cupboard has bags of: the rest any kitchen may have at hand. */
  readonly stocked: boolean;
  /** In the household's money; null where no bag of it has a price. */
  readonly cost: number | null;
}

/** A usual pack by what it is, g. Common practice. */
const USUAL_PACK: Readonly<Partial<Record<Role, number>>> = {
  'wheat-flour': 1000,
  'gf-flour': 1000,
  starch: 500,
  binder: 100,
  sugar: 500,
  leavener: 100,
  'chocolate-cocoa': 200,
  fat: 250,
};
const ANY_PACK = 500;
const STOCKED = new Set<Role>(['wheat-flour', 'gf-flour', 'starch', 'binder']);
const ENOUGH = 0.5;

/**
 * What must be bought for some bakes: needs less what is on hand, rounded up to packs of the size that was bought last.
 * Example: 340 g needed, 100 g there, packs of 200 g → 2 packs.
 */
export function shoppingList(
  needs: readonly Need[],
  bags: readonly BagOnHand[],
  catalogue: Catalogue,
): ToBuy[] {
  return gatherNeeds(needs).flatMap(({ ingredient, grams }): ToBuy[] => {
    const one = getIngredient(catalogue, ingredient);
    const own = bags.filter(({ bag }) => bag.ingredient === ingredient);
    const have = own.reduce((sum, each) => sum + Math.max(0, each.grams), 0);
    const missing = grams - have;
    if (missing < ENOUGH) return [];
    const known = own.map(({ bag }) => bag.packGrams).find((size) => size !== null);
    const packGrams = known ?? USUAL_PACK[one.role] ?? ANY_PACK;
    const packs = Math.ceil(missing / packGrams);
    const prices = own.map(pricePerKilo).filter((price) => price !== null);
    return [
      {
        ingredient,
        name: one.name,
        need: grams,
        have,
        packs,
        packGrams,
        packGuessed: known === undefined,
        stocked: own.length > 0 || STOCKED.has(one.role),
        cost: prices.length > 0 ? (Math.min(...prices) * packs * packGrams) / 1000 : null,
      },
    ];
  });
}
