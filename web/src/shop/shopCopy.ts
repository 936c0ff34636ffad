import type { ShopRow } from '@omniarton/core/cupboard';
import { attempt } from '../base/attempt';

/** A row of the list, and whether somebody at a table needs it certified. */
export interface Wanted extends ShopRow {
  readonly certified: boolean;
}

/** A list as this device keeps it: in a shop there may be no way to the server. */
export interface ShopCopy {
  readonly titles: readonly string[];
  readonly rows: readonly Wanted[];
  /** Lines that are only words: "a few drops of almond extract". */
  readonly words: readonly string[];
  /** What is in the basket, by ingredient or by its words. */
  readonly ticked: readonly string[];
}

const keyOf = (household: string, recipes: string) => `omniarton.shop.${household}.${recipes}`;

export const keptShop = (household: string, recipes: string): ShopCopy | null =>
  attempt(() => JSON.parse(localStorage.getItem(keyOf(household, recipes)) ?? 'null') as ShopCopy | null) ??
  null;

/** `copy`: as JSON. */
export const keepShop = (household: string, recipes: string, copy: string): void =>
  void attempt(() => localStorage.setItem(keyOf(household, recipes), copy));
