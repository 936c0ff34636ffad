import { useCallback, useState } from 'react';
import { useStore } from 'react-redux';
import { v7 as newId } from 'uuid';
import type { RecipeAnswer } from '@omniarton/contracts';
import { fetchRecipe } from '../../api/api';
import {
  useMarkRecipesMutation,
  usePutAwayMutation,
  usePutBackMutation,
  useSaveCopyMutation,
} from '../../api/findingApi';
import type { Failure } from '../../api/http';
import { saveFile } from '../../docket/saveFile';
import { askSlow } from '../../state/engine/engine';
import { askOnce } from '../../state/engine/useKitchenAnswer';
import type { RootState } from '../../state/state';

/** A copy says that it is one, where its text has the title in it. */
function copyOf({ doc }: RecipeAnswer): RecipeAnswer['doc'] {
  const { title } = doc.asRead;
  const name = `${title} (copy)`;
  if (title === '' || !doc.text.includes(title)) return doc;
  return { ...doc, text: doc.text.replace(title, () => name), asRead: { ...doc.asRead, title: name } };
}

/** Which recipes of a kitchen are chosen, and what is done to all of them. */
export function useSeveral(household: string) {
  const store = useStore<RootState>();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [gone, setGone] = useState<readonly string[]>([]);
  const [failure, setFailure] = useState<Failure | null>(null);
  const [mark] = useMarkRecipesMutation();
  const [putAway] = usePutAwayMutation();
  const [putBack] = usePutBackMutation();
  const [saveCopy] = useSaveCopyMutation();
  const none = useCallback(() => setChosen(new Set()), []);
  const choose = useCallback(
    (id: string, on: boolean) =>
      setChosen((before) => {
        const after = new Set(before);
        if (on) after.add(id);
        else after.delete(id);
        return after;
      }),
    [],
  );
  const settle = (answer: { readonly error?: unknown }): boolean => {
    setFailure((answer.error as Failure | undefined) ?? null);
    return answer.error === undefined;
  };
  const ids = [...chosen];
  return {
    chosen,
    gone,
    failure,
    choose,
    none,
    mark: async (marks: { favourite?: boolean; tag?: string; untag?: string }, these = ids) =>
      void settle(await mark({ household, ids: these, ...marks })),
    away: async (these = ids) => {
      if (!settle(await putAway({ household, ids: these }))) return;
      setGone(these);
      none();
    },
    back: async () => {
      if (settle(await putBack({ household, ids: gone }))) setGone([]);
    },
    /** All of them as they were written, in one file that any of them comes in from again. */
    asFile: async () => {
      const replies = await Promise.all(ids.map((recipe) => fetchRecipe({ household, recipe })));
      const docs = replies.flatMap((one) => (one.ok ? [one.data.doc] : []));
      const [failed] = replies.flatMap((one) => (one.ok ? [] : [one.failure]));
      if (failed) return setFailure(failed);
      const text = await askOnce(store, household, (door, key) => door.sendSeveralOut(key, docs), askSlow);
      if (text !== null) saveFile('recipes.jsonld', 'application/ld+json', text);
    },
    copy: async () => {
      for (const recipe of ids) {
        const found = await fetchRecipe({ household, recipe });
        if (!found.ok) return setFailure(found.failure);
        if (!settle(await saveCopy({ household, recipe: newId(), doc: copyOf(found.data) }))) return;
      }
      none();
    },
  };
}
