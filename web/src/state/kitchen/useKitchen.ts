import { useCallback, useEffect, useState } from 'react';
import type { Failure } from '../../api/http';
import { useAppDispatch, useAppSelector } from '../state';
import { changeKitchen, loadKitchen, type KitchenChange } from './kitchens';
import { NO_KITCHEN } from './kitchenSlice';

/** A household's kitchen and how to change it. Until it is there an empty one holds. */
export function useKitchen(household: string) {
  const dispatch = useAppDispatch();
  const kitchen = useAppSelector((state) => state.kitchens[household] ?? NO_KITCHEN);
  const ready = useAppSelector((state) => state.kitchens[household] !== undefined);
  const [failure, setFailure] = useState<Failure | null>(null);
  useEffect(() => {
    let gone = false;
    void dispatch(loadKitchen(household)).then((trouble) => (gone ? undefined : setFailure(trouble)));
    return () => void (gone = true);
  }, [dispatch, household]);
  const change = useCallback(
    (how: KitchenChange) => dispatch(changeKitchen(household, how)),
    [dispatch, household],
  );
  return { ...kitchen, ready, failure: ready ? null : failure, change };
}
