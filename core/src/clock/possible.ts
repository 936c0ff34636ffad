import { effort } from './effort';
import { somePlan } from './latest';
import { problemOf } from './problem';
import { DaySearch } from './prove';
import type { DayAsk } from './types';
import { MINUTE_MS, momentOf, wallTime } from './zone';

/** Conflicts allowed to a day that is only asked whether it is possible. */
const ENOUGH = 2000;

/** A day whose every serving is so many minutes later. */
export const laterBy = (ask: DayAsk, minutes: number): DayAsk => ({
  ...ask,
  bakes: ask.bakes.map((bake) => ({
    ...bake,
    serving: {
      ...bake.serving,
      at: wallTime(momentOf(bake.serving) + minutes * MINUTE_MS, bake.serving.zone),
    },
  })),
});

/** Whether there is a plan at all; no answer counts as none. */
export function isPossible(ask: DayAsk): boolean {
  const problem = problemOf(ask);
  const found = somePlan(problem, new DaySearch(problem), effort(problem, ENOUGH));
  return found !== null && found !== 'stopped';
}

/** The least of 5, 10, 15 … minutes by which something is possible, to a quarter hour beyond two hours; null: not within `most`. */
export function leastThat(possible: (minutes: number) => boolean, most: number): number | null {
  let high = 15;
  while (!possible(high)) if ((high *= 2) > most) return null;
  let low = high === 15 ? 0 : high / 2;
  const step = high > 120 ? 15 : 5;
  while (high - low > step) {
    const middle = Math.round((low + high) / 2 / step) * step;
    if (middle === low || middle === high) break;
    if (possible(middle)) high = middle;
    else low = middle;
  }
  return high;
}
