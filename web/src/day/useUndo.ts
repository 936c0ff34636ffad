import { useCallback, useState } from 'react';
import type { DayDocument } from '@omniarton/core/clock';
import type { DayChange } from '../state/day/days';
import { useKey } from '../base/useKey';

/** Steps back that are kept. */
const MOST = 100;

/** Changes of a day that can be taken back, one after the other; a run that is under way is left as it is. */
export function useUndo(day: DayDocument, change: (how: DayChange) => void) {
  const [past, setPast] = useState<readonly DayDocument[]>([]);
  const changeBack = useCallback(
    (how: DayChange) => {
      setPast((before) => [...before.slice(-MOST), day]);
      change(how);
    },
    [day, change],
  );
  const undo = () => {
    const last = past.at(-1);
    if (!last) return;
    setPast(past.slice(0, -1));
    change((now) => ({ ...last, run: now.run }));
  };
  useKey('u', undo, past.length > 0);
  return { change: changeBack, undo, canUndo: past.length > 0 };
}
