import { useCallback, useEffect, useState } from 'react';
import { v4 as uuid } from 'uuid';
import type { DayRun, Happening, RunEvent } from '@omniarton/core/clock';
import type { Failure } from '../../api/http';
import { nowMs } from '../../base/clock';
import { keepAtHand } from '../../offline/keepAtHand';
import { useAppDispatch, useAppSelector } from '../state';
import { onOtherTab } from './dayCopy';
import { changeDay, heardOfDay, loadDay, type DayChange } from './days';
import { NO_DAY } from './daySlice';

/** How often a page looks for what other devices did, ms. */
const LOOK_MS = 10_000;

/** A household's bake day and how to change it; kept up with other tabs at once, and with other devices now and then. */
export function useDay(household: string) {
  const dispatch = useAppDispatch();
  const day = useAppSelector((state) => state.days[household] ?? NO_DAY);
  const ready = useAppSelector((state) => state.days[household] !== undefined);
  const [failure, setFailure] = useState<Failure | null>(null);
  const running = day.doc.run !== null;
  useEffect(() => {
    let gone = false;
    if (running) keepAtHand();
    const load = () =>
      void dispatch(loadDay(household)).then((trouble) => (gone ? undefined : setFailure(trouble)));
    load();
    const timer = running ? setInterval(load, LOOK_MS) : undefined;
    const deaf = onOtherTab(
      household,
      ({ version, doc }) => void dispatch(heardOfDay(household, version, doc)),
    );
    return () => {
      gone = true;
      clearInterval(timer);
      deaf();
    };
  }, [dispatch, household, running]);
  const change = useCallback((how: DayChange) => dispatch(changeDay(household, how)), [dispatch, household]);
  return { ...day, ready, failure: ready ? null : failure, change };
}

/** A moment at which nothing else happened: what follows in the same millisecond comes after. */
function momentAfter(events: readonly RunEvent[], now: number): number {
  let at = now;
  while (events.some((one) => one.at === at)) at += 1;
  return at;
}

/** A run with one more event. It may be laid over a copy that has it already; and of plans the newest is enough. */
const withEvent = (run: DayRun, event: RunEvent): DayRun => ({
  ...run,
  events: [
    ...run.events.filter(
      (one) => one.id !== event.id && (event.kind !== 'replanned' || one.kind !== 'replanned'),
    ),
    event,
  ],
});

/** What happens on a run, as this page tells it. The moment is that of the press, whenever it is sent. */
export function useHappenings(change: (how: DayChange) => void): (what: Happening) => void {
  return useCallback(
    (what) => {
      const [id, now] = [uuid(), nowMs()];
      let event: RunEvent | null = null;
      change((doc) => {
        if (!doc.run) return doc;
        event ??= { id, at: momentAfter(doc.run.events, now), ...what };
        return { ...doc, run: withEvent(doc.run, event) };
      });
    },
    [change],
  );
}
