import { useCallback, useState } from 'react';
import { useStore } from 'react-redux';
import { v7 as newId } from 'uuid';
import { textAround } from '../../state/draft/edits';
import { newDocument, openNew } from '../../state/draft/opening';
import { useAppDispatch, type RootState } from '../../state/state';
import { useDraftId, useEdit, useHousehold } from '../../state/bench/onBench';

/** A recipe that has been put on a sheet of its own. */
export interface Apart {
  readonly recipe: string;
  readonly name: string;
}

/** Puts what begins with a line on a sheet of its own; undo gives it back to this one too. */
export function useApart(): [Apart | null, (line: string) => void] {
  const [apart, setApart] = useState<Apart | null>(null);
  const store = useStore<RootState>();
  const dispatch = useAppDispatch();
  const edit = useEdit();
  const id = useDraftId();
  const household = useHousehold();
  const put = useCallback(
    (line: string) => {
      const doc = store.getState().drafts[id]?.doc;
      const { from } = doc ? textAround(doc, line) : { from: '' };
      if (from === '') return;
      const recipe = newId();
      dispatch(openNew({ household, recipe }, newDocument({ text: from, foreign: null })));
      edit({ kind: 'end-before', line });
      setApart({ recipe, name: from.split('\n')[0]!.trim() });
    },
    [store, dispatch, edit, id, household],
  );
  return [apart, put];
}
