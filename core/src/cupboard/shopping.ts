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

/** The shelves of a shop, in the order in which one walks past them. Common practice. */
export const SHELVES = [
  'fruit and vegetables',
  'eggs, milk and fats',
  'flours, starches and gums',
  'sugars and syrups',
  'baking goods',
  'nuts, seeds and dried fruit',
] as const;
export type Shelf = (typeof SHELVES)[number];

const SHELF_OF: Readonly<Record<Role, Shelf>> = {
  'wheat-flour': 'flours, starches and gums',
  'gf-flour': 'flours, starches and gums',
  starch: 'flours, starches and gums',
  binder: 'flours, starches and gums',
  sugar: 'sugars and syrups',
  syrup: 'sugars and syrups',
  fat: 'eggs, milk and fats',
  egg: 'eggs, milk and fats',
  liquid: 'eggs, milk and fats',
  leavener: 'baking goods',
  acid: 'baking goods',
  salt: 'baking goods',
  flavour: 'baking goods',
  inclusion: 'nuts, seeds and dried fruit',
  'fruit-veg': 'fruit and vegetables',
  'chocolate-cocoa': 'baking goods',
  none: 'baking goods',
};
const STOCKED = new Set<Role>(['wheat-flour', 'gf-flour', 'starch', 'binder']);
const ENOUGH = 0.5;

function toBuy({ ingredient, grams }: Need, bags: readonly BagOnHand[], catalogue: Catalogue): ToBuy {
  const one = getIngredient(catalogue, ingredient);
  const own = bags.filter(({ bag }) => bag.ingredient === ingredient);
  const have = own.reduce((sum, each) => sum + Math.max(0, each.grams), 0);
  const missing = grams - have;
  const known = own.map(({ bag }) => bag.packGrams).find((size) => size !== null);
  const packGrams = known ?? USUAL_PACK[one.role] ?? ANY_PACK;
  const packs = missing < ENOUGH ? 0 : Math.ceil(missing / packGrams);
  const prices = own.map(pricePerKilo).filter((price) => price !== null);
  return {
    ingredient,
    name: one.name,
    need: grams,
    have,
    packs,
    packGrams,
    packGuessed: known === undefined,
    stocked: own.length > 0 || STOCKED.has(one.role),
    cost: prices.length > 0 ? (Math.min(...prices) * packs * packGrams) / 1000 : null,
  };
}

/**
 * What must be bought for some bakes: needs less what is on hand, rounded up to packs of the size that was bought last.
 * Example: 340 g needed, 100 g there, packs of 200 g → 2 packs.
 */
export const shoppingList = (
  needs: readonly Need[],
  bags: readonly BagOnHand[],
  catalogue: Catalogue,
): ToBuy[] =>
  gatherNeeds(needs)
    .map((need) => toBuy(need, bags, catalogue))
    .filter(({ packs }) => packs > 0);

/** A line of a list for the shops: all of one thing that some bakes need, there already or not. */
export interface ShopRow extends ToBuy {
  readonly shelf: Shelf;
  /** As many as to be bought where it is counted: eggs, lemons; null: it is weighed. */
  readonly pieces: number | null;
}

/** Of eggs and fruit so little more than a whole number is that many. */
const NEARLY = 0.1;
const COUNTED = new Set<Role>(['egg', 'fruit-veg']);
/** It comes from the tap. */
const TAP = 'water';

/** Everything that some bakes need but water, in the order of the shelves of a shop; nothing is left out that is there. */
export function shopRows(
  needs: readonly Need[],
  bags: readonly BagOnHand[],
  catalogue: Catalogue,
): ShopRow[] {
  return gatherNeeds(needs.filter(({ ingredient }) => ingredient !== TAP))
    .map((need): ShopRow => {
      const { role, each } = getIngredient(catalogue, need.ingredient);
      const row = toBuy(need, bags, catalogue);
      const counted = each && COUNTED.has(role);
      return {
        ...row,
        shelf: SHELF_OF[role],
        pieces: counted ? Math.max(0, Math.ceil((row.need - row.have) / each[0] - NEARLY)) : null,
      };
    })
    .sort((a, b) => SHELVES.indexOf(a.shelf) - SHELVES.indexOf(b.shelf) || (a.name < b.name ? -1 : 1));
}
