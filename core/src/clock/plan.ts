import type { Said } from '../words';
import { bindsOf } from './binds';
import { latestBegin, type Latest } from './latest';
import { momentOf, wallTime } from './zone';
import { MINUTE_MS, problemOf, type DayProblem } from './problem';
import { reliefsOf } from './relief';
import { timelineOf } from './timeline';
import type { DayAsk, DayPlan, NoDay } from './types';

/** Conflicts that a day's search may run into where nobody says. */
export const USUAL_WORK = 20_000;
/** Of one bake by itself: it is found at once, or it isn't there. */
const ALONE = 2000;

function toPlan(problem: DayProblem, { placed, begins, atBest, proven }: Latest): DayPlan {
  const { tasks, ovens } = timelineOf(problem, placed);
  const moment = (minute: number) => problem.base + minute * MINUTE_MS;
  return {
    outcome: 'plan',
    proven,
    begins: moment(begins),
    atBest: moment(atBest),
    zone: problem.ask.bakes[0]!.serving.zone,
    tasks,
    binds: bindsOf(problem, placed),
    ovens,
  };
}

/** Where one bake by itself can't be in time: when it could be at the soonest. */
function tooLate(ask: DayAsk): Said[] {
  return ask.bakes.flatMap((bake): Said[] => {
    const { title } = bake.docket;
    if (ask.now !== null && momentOf(bake.serving) <= ask.now)
      return [{ code: 'table-is-past', values: { title } }];
    const alone = { ...ask, bakes: [bake], pins: [] };
    const possible = (minutes: number) => isPossible(laterBy(alone, minutes));
    if (possible(0)) return [];
    const later = leastThat(possible, LONGEST_LATER);
    if (later === null) return [];
    const soonest = wallTime(momentOf(bake.serving) + later * MINUTE_MS, bake.serving.zone).slice(11);
    return [{ code: 'too-late-for', values: { title, soonest } }];
  });
}

const LONGEST_LATER = 24 * 60;

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
  const answer = latestBegin(problemOf(ask), ALONE).next();
  return !answer.done || (answer.value !== null && answer.value !== 'stopped');
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

function noDay(ask: DayAsk, found: boolean): NoDay {
  const late = tooLate(ask);
  const reasons: Said[] =
    late.length > 0
      ? late
      : [
          found
            ? { code: 'not-found', values: {} }
            : { code: 'too-much-at-once', values: { bakes: ask.bakes.length } },
        ];
  return { outcome: 'infeasible', reasons, relax: reliefsOf(ask) };
}

const needsOven = (ask: DayAsk): boolean =>
  ask.bakes.some(({ docket }) => (docket.stages ?? []).some(({ medium }) => medium === 'oven'));

/**
 * Plans a bake day: every docket on the table when it is to be, the least work on the evening before, and the latest begin there is.
 * Yields each better plan on the way; a caller may stop at any of them. Throws UnknownZoneError.
 */
export function* planDaySteps(ask: DayAsk): Generator<DayPlan, DayPlan | NoDay, void> {
  if (ask.ovens.length === 0 && needsOven(ask))
    return { outcome: 'infeasible', reasons: [{ code: 'no-oven', values: {} }], relax: [] };
  const past = ask.bakes.filter(({ serving }) => ask.now !== null && momentOf(serving) <= ask.now);
  if (past.length > 0) return noDay(ask, false);
  const problem = problemOf(ask);
  const search = latestBegin(problem, ask.work);
  for (;;) {
    const { done, value } = search.next();
    if (value === null || value === 'stopped') return noDay(ask, value === 'stopped');
    const plan = toPlan(problem, value);
    if (done) return plan;
    yield plan;
  }
}

/** A day planned to the end of the work that is allowed. */
export function planDay(ask: DayAsk): DayPlan | NoDay {
  const steps = planDaySteps(ask);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
