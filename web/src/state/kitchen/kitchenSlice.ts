import { createSlice } from '@reduxjs/toolkit';
import type { BagAnswer } from '@omniarton/contracts';
import { EMPTY_KITCHEN, type KitchenDocument, type RecipeDocument } from '@omniarton/core/kitchen';
import type { SaveState } from '../../api/saveState';
import { plain } from '../../base/plain';

/** A household's kitchen as this page has it: the shared document, and the recipes that stand in other lists. */
export interface HeldKitchen {
  /** The version that is stored; 0: nothing yet. */
  readonly version: number;
  readonly doc: KitchenDocument;
  readonly recipes: Readonly<Record<string, RecipeDocument>>;
  /** The bags in the cupboard, as the server last told. */
  readonly bags: readonly BagAnswer[];
  /** Counts every change: one snapshot goes to the engine for each. */
  readonly edition: number;
  readonly save: SaveState;
  /** What could not be laid out, as the engine says. */
  readonly troubles: readonly string[];
  /** What an earlier visit could not send, made on an older version: offered, never merged. */
  readonly leftover: KitchenDocument | null;
}

export type Kitchens = Readonly<Record<string, HeldKitchen>>;

interface At {
  readonly household: string;
}

export const NO_KITCHEN: HeldKitchen = {
  version: 0,
  doc: EMPTY_KITCHEN,
  recipes: {},
  bags: [],
  edition: 0,
  save: { status: 'idle' },
  troubles: [],
  leftover: null,
};

const on =
  <P extends At>(change: (known: HeldKitchen, payload: P) => Partial<HeldKitchen>) =>
  (kitchens: Kitchens, payload: P): Kitchens => {
    const known = kitchens[payload.household] ?? NO_KITCHEN;
    return { ...kitchens, [payload.household]: { ...known, ...change(known, payload) } };
  };

const slice = createSlice({
  name: 'kitchens',
  initialState: {} as Kitchens,
  reducers: {
    kitchenFound: plain(
      on((known, { version, doc }: At & { version: number; doc: KitchenDocument }) => ({
        version,
        doc,
        edition: known.edition + 1,
      })),
    ),
    kitchenChanged: plain(
      on((known, { doc }: At & { doc: KitchenDocument }) => ({ doc, edition: known.edition + 1 })),
    ),
    houseRecipesFound: plain(
      on((known, { recipes }: At & { recipes: HeldKitchen['recipes'] }) => ({
        recipes: { ...known.recipes, ...recipes },
        edition: known.edition + 1,
      })),
    ),
    bagsFound: plain(
      on((known, { bags }: At & { bags: HeldKitchen['bags'] }) => ({ bags, edition: known.edition + 1 })),
    ),
    kitchenSaving: plain(on((_known, { save }: At & { save: SaveState }) => ({ save }))),
    kitchenSaved: plain(
      on((_known, { version }: At & { version: number }) => ({ version, save: { status: 'idle' } as const })),
    ),
    leftoverFound: plain(
      on((_known, { leftover }: At & { leftover: KitchenDocument | null }) => ({ leftover })),
    ),
    kitchenLaid: plain(
      on((known, { troubles }: At & { troubles: readonly string[] }) =>
        known.troubles.join() === troubles.join() ? {} : { troubles },
      ),
    ),
  },
});

export const {
  bagsFound,
  leftoverFound,
  kitchenFound,
  kitchenChanged,
  houseRecipesFound,
  kitchenSaving,
  kitchenSaved,
  kitchenLaid,
} = slice.actions;
export const kitchenReducer = slice.reducer;
