import { useCallback, useState } from 'react';
import type { Failure } from '../../api/http';
import { failureWords } from '../../api/words';
import { useAppDispatch, useAppSelector, type Thunk } from '../state';
import { NO_KITCHEN } from './kitchenSlice';

/** A household's bags, and how to write to them. What goes wrong is kept in words until the next try. */
export function useCupboard(household: string) {
  const dispatch = useAppDispatch();
  const bags = useAppSelector((state) => (state.kitchens[household] ?? NO_KITCHEN).bags);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  /** True when it is written. */
  const write = useCallback(
    async (work: Thunk<Promise<Failure | null>>): Promise<boolean> => {
      setBusy(true);
      const failure = await dispatch(work);
      setBusy(false);
      setTrouble(
        failure === null
          ? null
          : failure.code === 'conflict'
            ? 'Somebody else changed that bag in between. It is shown as it is now; change it again if you still want to.'
            : failureWords(failure),
      );
      return failure === null;
    },
    [dispatch],
  );
  return { bags, write, trouble, busy };
}
