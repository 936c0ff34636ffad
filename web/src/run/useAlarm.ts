import { useEffect, useRef } from 'react';
import { notify, ring } from './bell';

/** Something that calls. */
export interface Call {
  readonly id: string;
  readonly words: string;
}

/** Calls until nothing calls any more: by sound, by shaking, by a notification, and in the page's own title where none of these may. */
export function useAlarm(calls: readonly Call[], title: string): void {
  const told = useRef(new Set<string>());
  const ids = calls.map(({ id }) => id).join();
  const words = calls.map((one) => one.words).join(' · ');
  useEffect(() => {
    document.title = words === '' ? title : `⏰ ${words}`;
  }, [words, title]);
  useEffect(() => {
    for (const { id, words: said } of calls)
      if (!told.current.has(id)) {
        told.current.add(id);
        notify(said, id);
      }
    return ids === '' ? undefined : ring();
    // The calls are told by their ids.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [ids]);
}
