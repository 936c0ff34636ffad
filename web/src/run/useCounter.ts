import { runState, timersOf, toDo, type DayRun, type Happening } from '@omniarton/core/clock';
import { useNow } from '../bakeday/useNow';
import { useAlarm } from './useAlarm';
import { useAwake } from './useAwake';
import { useSpace } from './useSpace';
import { asks, timerName } from './words';

const SECOND = 1000;

/** A run as the counter sees it, second by second: what is open, what runs, what calls; and the space bar that says "done". */
export function useCounter(run: DayRun, happen: (what: Happening) => void) {
  const now = useNow(SECOND);
  const timers = timersOf(run, now);
  const open = toDo(run);
  const rung = timers.filter(({ rings }) => rings <= now);
  const calling = rung.find(asks) ?? null;
  const finish = () => {
    if (calling) happen({ kind: 'done', task: calling.marks });
    else if (open[0]) happen({ kind: 'done', task: open[0].id });
  };
  useAwake(true);
  useSpace(finish);
  useAlarm(
    rung.map((timer) => ({ id: `${timer.marks}@${timer.rings}`, words: timerName(run, timer) })),
    'Baking · Omniarton',
  );
  return { now, state: runState(run), timers, open, calling, finish };
}
