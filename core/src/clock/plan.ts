import type { Said } from '../words';
import { bindsOf } from './binds';
import { ovenHeat } from './heatBound';
import { latestBegin, type Latest } from './latest';
import { isPossible, laterBy, leastThat } from './possible';
import { MINUTE_MS, momentOf, wallTime } from './zone';
import { problemOf, type DayProblem } from './problem';
import { reliefsOf } from './relief';
import { timelineOf } from './timeline';
import type { DayAsk, DayPlan, NoDay } from './types';

/** Conflicts that a day's search may run into where nobody says. */
export const USUAL_WORK = 20_000;
/** The same where somebody waits for one answer, and not for the best of ovens. */
export const QUICK_WORK = 8000;
/** Nobody waits longer for a bake, minutes. */
const LONGEST_LATER = 24 * 60;

function toPlan(problem: DayProblem, { placed, begins, atBest, proven, heatAtLeast }: Latest): DayPlan {
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
    heat: { minutes: ovenHeat(problem, placed).minutes, atLeast: heatAtLeast },
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

/** Why a day can't be planned; and then what could be given, which takes longer to find out. */
function* noDay(ask: DayAsk, stopped: boolean): Generator<NoDay, NoDay, void> {
  const late = tooLate(ask);
  const reasons: Said[] =
    late.length > 0
      ? late
      : [
          stopped
            ? { code: 'not-found', values: {} }
            : { code: 'too-much-at-once', values: { bakes: ask.bakes.length } },
        ];
  yield { outcome: 'infeasible', reasons, relax: [] };
  return { outcome: 'infeasible', reasons, relax: reliefsOf(ask) };
}

const needsOven = (ask: DayAsk): boolean =>
  ask.bakes.some(({ docket }) => (docket.stages ?? []).some(({ medium }) => medium === 'oven'));

/**
 * Plans a bake day: every docket on the table when it is to be, the least work on the evening before, and the latest begin there is.
 * Yields each better plan on the way, a first word where there is none, and null while it looks; a caller may stop at any of them. Throws UnknownZoneError.
 */
export function* planDaySteps(ask: DayAsk): Generator<DayPlan | NoDay | null, DayPlan | NoDay, void> {
  if (ask.ovens.length === 0 && needsOven(ask))
    return { outcome: 'infeasible', reasons: [{ code: 'no-oven', values: {} }], relax: [] };
  const past = ask.bakes.filter(({ serving }) => ask.now !== null && momentOf(serving) <= ask.now);
  if (past.length > 0) return yield* noDay(ask, false);
  const problem = problemOf(ask);
  const search = latestBegin(problem, ask.work);
  for (let step = search.next(); ; step = search.next()) {
    if (!step.done) {
      yield step.value && toPlan(problem, step.value);
      continue;
    }
    const { value } = step;
    return value === null || value === 'stopped'
      ? yield* noDay(ask, value === 'stopped')
      : toPlan(problem, value);
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
