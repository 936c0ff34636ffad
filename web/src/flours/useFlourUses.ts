import { useMemo } from 'react';
import { useAppSelector } from '../state/state';
import { NO_KITCHEN } from '../state/kitchen/kitchenSlice';
import { useFlourUsesQuery } from '../api/cupboardApi';
import { marksWords } from '../words/marks';

/** The jars of the house that hold a flour, and the logged bakes whose docket does. */
export function useFlourUses(household: string, flour: string) {
  const blends = useAppSelector((state) => (state.kitchens[household] ?? NO_KITCHEN).doc.blends);
  const { data, isLoading } = useFlourUsesQuery({ household, flour });
  const jars = useMemo(
    () =>
      blends.flatMap(({ name, madeOf }) => {
        const total = madeOf.reduce((sum, { share }) => sum + share, 0);
        const own = madeOf.find(({ ingredient }) => ingredient === flour);
        return own ? [{ name, share: own.share / total }] : [];
      }),
    [blends, flour],
  );
  const bakes = (data ?? []).map(({ marks, ...one }) => ({
    ...one,
    marks: marksWords(marks),
  }));
  return { jars, bakes, loading: isLoading };
}
