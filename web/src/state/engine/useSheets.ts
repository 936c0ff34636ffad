import { useEffect, useState } from 'react';
import { useStore } from 'react-redux';
import type { Outcome } from '@omniarton/core/docket';
import { fetchRecipe } from '../../api/api';
import { failureWords } from '../../api/words';
import { useKitchen } from '../kitchen/useKitchen';
import type { RootState } from '../state';
import { askSlow } from './engine';
import { askOnce } from './useKitchenAnswer';

/** What came of one of them: a docket, no docket with its reasons, or why it couldn't be asked. */
export type Sheet =
  | { readonly id: string; readonly title: string; readonly outcome: Outcome }
  | { readonly id: string; readonly title: string; readonly trouble: string };

/** Works out the dockets of some recipes one after the other. */
export function useSheets(household: string, ids: readonly string[]) {
  const store = useStore<RootState>();
  const { ready } = useKitchen(household);
  const [sheets, setSheets] = useState<readonly Sheet[]>([]);
  const asked = ids.join(',');
  useEffect(() => {
    let gone = false;
    const work = async () => {
      for (const id of asked.split(',').filter(Boolean)) {
        const found = await fetchRecipe({ household, recipe: id });
        const sheet: Sheet = found.ok
          ? {
              id,
              title: found.data.doc.asRead.title,
              ...(await askOnce(
                store,
                household,
                (door, key) => door.wholeDocket(key, found.data.doc),
                askSlow,
              )),
            }
          : { id, title: 'A recipe', trouble: failureWords(found.failure) };
        if (gone) return;
        setSheets((before) => [...before.filter((one) => one.id !== id), sheet]);
      }
    };
    if (ready) void work();
    return () => void (gone = true);
  }, [store, household, asked, ready]);
  return sheets;
}
