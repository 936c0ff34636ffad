import type { KitchenAnswer } from '@omniarton/contracts';
import type { KitchenDocument, RecipeDocument } from '@omniarton/core/kitchen';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { fetchRecipe } from '../../api/api';
import { request, type Failure } from '../../api/http';
import { outboxOf, type Change } from '../outbox';
import type { Thunk } from '../state';
import { dropKitchen, findKitchen, keepKitchen } from './kitchenCopy';
import { fetchBags } from './bags';
import {
  bagsFound,
  houseRecipesFound,
  kitchenChanged,
  kitchenFound,
  kitchenSaved,
  kitchenSaving,
  leftoverFound,
  NO_KITCHEN,
} from './kitchenSlice';

export type KitchenChange = Change<KitchenDocument>;

const fetchKitchen = (household: string) => request<KitchenAnswer>(pathTo('kitchen', { household }));

/** Fetches the recipes that stand in other lists and aren't here yet. */
const fetchHouseRecipes =
  (household: string): Thunk<Promise<void>> =>
  async (dispatch, getState) => {
    const { doc, recipes } = getState().kitchens[household] ?? NO_KITCHEN;
    const wanted = doc.recipes.filter(({ recipe }) => !recipes[recipe]);
    if (wanted.length === 0) return;
    const found = await Promise.all(
      wanted.map(async ({ recipe }): Promise<readonly (readonly [string, RecipeDocument])[]> => {
        const open = getState().drafts[recipe];
        if (open) return [[recipe, open.doc]];
        const reply = await fetchRecipe({ household, recipe });
        return reply.ok ? [[recipe, reply.data.doc]] : [];
      }),
    );
    dispatch(houseRecipesFound({ household, recipes: Object.fromEntries(found.flat()) }));
  };

const fetchWhole =
  (household: string): Thunk<Promise<Failure | null>> =>
  async (dispatch, getState) => {
    const [reply, cupboard] = await Promise.all([fetchKitchen(household), fetchBags(household)]);
    if (!reply.ok) return reply.failure;
    if (!getState().kitchens[household]) {
      dispatch(kitchenFound({ household, ...reply.data }));
      if (cupboard.ok) dispatch(bagsFound({ household, bags: cupboard.data.bags }));
      const copy = findKitchen(household);
      if (copy?.version === reply.data.version) dispatch(changeKitchen(household, () => copy.doc));
      else if (copy) dispatch(leftoverFound({ household, leftover: copy.doc }));
    }
    await dispatch(fetchHouseRecipes(household));
    return null;
  };

/** Those that are on their way: several places of a page ask for one at once. */
const coming = new Map<string, Promise<Failure | null>>();

/** Sees to it that a kitchen is here. Once it is, it stays: this page changes it, and others are heard of when it saves. */
export const loadKitchen =
  (household: string): Thunk<Promise<Failure | null>> =>
  (dispatch, getState) => {
    if (getState().kitchens[household]) return Promise.resolve(null);
    const known = coming.get(household);
    if (known) return known;
    const asked = dispatch(fetchWhole(household)).finally(() => coming.delete(household));
    coming.set(household, asked);
    return asked;
  };

/** The fields of a recipe that what it weighs and holds hangs on. */
const WEIGHS_BY = ['text', 'corrections', 'request', 'locale'] as const;

/** A recipe that stands in other lists has been changed here: those lists are read anew. */
export const houseRecipeChanged =
  (household: string, recipe: string, doc: RecipeDocument): Thunk<void> =>
  (dispatch, getState) => {
    const kitchen = getState().kitchens[household];
    if (!kitchen?.doc.recipes.some((one) => one.recipe === recipe)) return;
    const known = kitchen.recipes[recipe];
    if (known && WEIGHS_BY.every((field) => known[field] === doc[field])) return;
    dispatch(houseRecipesFound({ household, recipes: { [recipe]: doc } }));
  };

const outbox = outboxOf<KitchenDocument>({
  of: ({ kitchens }, household) => {
    const { version, doc } = kitchens[household] ?? NO_KITCHEN;
    return { path: pathTo('kitchen', { household }), version, doc };
  },
  saving: (household, save) => kitchenSaving({ household, save }),
  saved: (household, version) => (dispatch) => {
    dispatch(kitchenSaved({ household, version }));
    if (outbox.waiting(household).length === 0) dropKitchen(household);
  },
  found: (household, version, doc) => kitchenFound({ household, version, doc }),
});

/** Sends what was refused once more. */
export const sendAgain =
  (household: string): Thunk<void> =>
  (dispatch) =>
    void dispatch(outbox.flush(household));

/** Changes a kitchen: seen at once, sent as soon as it can be. */
export const changeKitchen =
  (household: string, change: KitchenChange): Thunk<void> =>
  (dispatch, getState) => {
    const { doc, version } = getState().kitchens[household] ?? NO_KITCHEN;
    const next = change(doc);
    outbox.add(household, change);
    dispatch(kitchenChanged({ household, doc: next }));
    keepKitchen(household, { version, doc: next });
    void dispatch(outbox.flush(household)).then(() => dispatch(fetchHouseRecipes(household)));
  };

/** What an earlier visit left: taken up over what is stored, or let go. */
export const settleLeftover =
  (household: string, take: boolean): Thunk<void> =>
  (dispatch, getState) => {
    const leftover = getState().kitchens[household]?.leftover;
    dispatch(leftoverFound({ household, leftover: null }));
    if (take && leftover) dispatch(changeKitchen(household, () => leftover));
    else dropKitchen(household);
  };
