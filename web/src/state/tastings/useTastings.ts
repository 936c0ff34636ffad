import { useCallback, useEffect, useMemo, useState } from 'react';
import { v7 as newId } from 'uuid';
import type { TastingDocument } from '@omniarton/core/taste';
import type { Failure } from '../../api/http';
import { useAppDispatch, useAppSelector } from '../state';
import { beginTasting, changeTasting, loadTastings, removeTasting, type TastingChange } from './tastings';

/** A recipe's tastings, the newest first, and how to begin one. */
export function useTastings(household: string, recipe: string, stored: boolean) {
  const dispatch = useAppDispatch();
  const all = useAppSelector((state) => state.tastings);
  const [failure, setFailure] = useState<Failure | null>(null);
  const [ready, setReady] = useState(!stored);
  useEffect(() => {
    if (!stored) return;
    let gone = false;
    void dispatch(loadTastings(household, recipe)).then((trouble) => {
      if (gone) return;
      setFailure(trouble);
      setReady(true);
    });
    return () => void (gone = true);
  }, [dispatch, household, recipe, stored]);
  const tastings = useMemo(
    () =>
      Object.entries(all)
        .filter(([, held]) => held.recipe === recipe)
        .map(([id, held]) => ({ id, ...held }))
        .sort((a, b) => (a.id < b.id ? 1 : -1)),
    [all, recipe],
  );
  const begin = useCallback(
    (doc: TastingDocument) => {
      const id = newId();
      dispatch(beginTasting({ household, recipe }, id, doc));
      return id;
    },
    [dispatch, household, recipe],
  );
  return { tastings, begin, failure, ready };
}

/** How one tasting is changed. */
export function useTasting(id: string) {
  const dispatch = useAppDispatch();
  const change = useCallback((how: TastingChange) => dispatch(changeTasting(id, how)), [dispatch, id]);
  const remove = useCallback(() => dispatch(removeTasting(id)), [dispatch, id]);
  return { change, remove };
}
