import { useEffect, useState } from 'react';
import { useStore } from 'react-redux';
import { type RootState, useAppSelector } from '../state';
import { kitchenLaid } from '../kitchen/kitchenSlice';
import { askQuick } from './engine';
import type { IngredientName } from './answers';
import { askInKitchen, parcelOf } from './kitchens';

const NONE: readonly IngredientName[] = [];
/** The names of the kitchen that was asked about last. */
let known: { readonly key: string; readonly names: Promise<readonly IngredientName[]> } | undefined;

/** The names of all ingredients of a kitchen, fetched from the engine once an edition. */
export function useIngredients(household: string): readonly IngredientName[] {
  const store = useStore<RootState>();
  const edition = useAppSelector((state) => state.kitchens[household]?.edition ?? 0);
  const [all, setAll] = useState(NONE);
  useEffect(() => {
    let gone = false;
    const parcel = parcelOf(store.getState(), household);
    if (known?.key !== parcel.key)
      known = {
        key: parcel.key,
        names: askInKitchen<readonly IngredientName[]>(
          askQuick,
          parcel,
          async (engine, key) => await engine.ingredients(key),
          (troubles) => store.dispatch(kitchenLaid({ household, troubles })),
        ),
      };
    known.names.then(
      (found) => (gone ? undefined : setAll(found)),
      () => (known = undefined),
    );
    return () => void (gone = true);
  }, [store, household, edition]);
  return all;
}
