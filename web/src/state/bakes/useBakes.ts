import { useEffect, useMemo } from 'react';
import type { RecipeAt } from '../../api/api';
import { useBakesQuery } from '../../api/bakesApi';
import { useAppDispatch, useAppSelector } from '../state';
import { asHeld, takeUpBakes } from './bakes';

/** A recipe's bakes, the newest first, with what was written down of them here; what an earlier visit left unsent goes out. */
export function useBakes(at: RecipeAt & { readonly cursor?: string }, skip = false) {
  const { household, recipe } = at;
  const { data, error, isFetching } = useBakesQuery(at, { skip });
  const held = useAppSelector((state) => state.bakes);
  const dispatch = useAppDispatch();
  useEffect(() => {
    if (data) dispatch(takeUpBakes({ household, recipe }, data.items));
  }, [dispatch, household, recipe, data]);
  const bakes = useMemo(
    () => data && { ...data, items: data.items.map((one) => asHeld(one, held[one.id])) },
    [data, held],
  );
  return { data: bakes, error, isFetching };
}
