import { OVEN_DOOR } from '../data/hands';
import { DaySearch } from '../prove';
import { faultsOf, type Placed } from '../fits';
import { insertAll } from '../insert';
import { laterBy, leastThat } from '../possible';
import { problemOf, type DayProblem } from '../problem';
import { timelineOf } from '../timeline';
import type { DayAsk, Pin, PlannedTask } from '../types';
import { MINUTE_MS, wallTime } from '../zone';
import { behind, runState } from './state';
import type { DayRun } from './types';

/** Conflicts allowed while somebody waits with a spoon in the hand. */
const ENOUGH = 3000;
/** Nobody waits longer for the table than this, minutes. */
const LATEST = 8 * 60;

/** What has begun, as it was. */
function begunOf(run: DayRun, { ovens }: DayAsk, now: number): Pin[] {
  const { tasks, done } = runState(run);
  return tasks.flatMap((task): Pin[] => {
    const pin = {
      task: task.id,
      begun: true,
      oven: ovens.find(({ name }) => name === task.oven)?.id ?? null,
    };
    if (task.kind === 'bake') {
      const [inside, out] = [done.get(`${task.id}.in`), done.get(`${task.id}.out`)];
      if (inside === undefined) return [];
      const again = Math.max(
        0,
        ...run.events.flatMap((event) =>
          event.kind === 'later' && event.task === task.id ? [event.at + event.minutes * MINUTE_MS] : [],
        ),
      );
      const ends =
        out === undefined
          ? Math.max(inside + (task.ends - task.begins), again, now)
          : out - OVEN_DOOR.unload * MINUTE_MS;
      return [
        {
          ...pin,
          begins: inside - OVEN_DOOR.load * MINUTE_MS,
          minutes: Math.max(1, Math.round((ends - inside) / MINUTE_MS)),
        },
      ];
    }
    const at = done.get(task.id);
    if (at === undefined || !task.handsOn || task.kind === 'load' || task.kind === 'unload') return [];
    return [{ ...pin, begins: at - (task.ends - task.begins), minutes: null }];
  });
}

/** The plan that was, as far as its tasks are still there: what is tried first, so that as little changes as can be. */
function asBefore(
  problem: DayProblem,
  before: readonly PlannedTask[],
  { ovens }: DayAsk,
  later: number,
): Placed {
  const of = new Map(before.map((task) => [task.id, task]));
  const minute = (moment: number) => Math.round((moment - problem.base) / MINUTE_MS) + later;
  return {
    begins: problem.items.map((item) => {
      if (item.begun) return item.low;
      const task = of.get(item.task.id);
      if (!task) return item.high;
      return Math.min(item.high, Math.max(item.low, minute(task.begins) - (item.load ? OVEN_DOOR.load : 0)));
    }),
    ovens: problem.items.map((item) => {
      if (!item.load) return undefined;
      const oven = ovens.findIndex(({ name }) => name === of.get(item.task.id)?.oven);
      return oven < 0 ? undefined : oven;
    }),
  };
}

function placedOf(
  problem: DayProblem,
  before: readonly PlannedTask[],
  ask: DayAsk,
  later: number,
): Placed | null {
  const was = asBefore(problem, before, ask, later);
  if (faultsOf(problem, was).length === 0) return was;
  const search = new DaySearch(problem);
  search.near(was);
  const answer = search.anyPlan(ENOUGH);
  if (answer === 'found') return search.placed();
  return answer === 'none' ? null : insertAll(problem);
}

/** The rest of a day planned again. */
export interface Replanned {
  readonly tasks: readonly PlannedTask[];
  /** By how much everything is served later, minutes. */
  readonly lateMinutes: number;
}

/**
 * Plans the rest of a run again from now on: what has begun stays, everything is served as little later as can be, and as little changes
 * as can be. Windows that opened before now stretch. Null where even hours don't help. `ask`: the day as it was asked for.
 */
export function replan(run: DayRun, ask: DayAsk, now: number): Replanned | null {
  const { tasks } = runState(run);
  const rest: DayAsk = { ...ask, now, pins: begunOf(run, ask, now) };
  const possible = (minutes: number): { readonly problem: DayProblem; readonly placed: Placed } | null => {
    const problem = problemOf(laterBy(rest, minutes));
    const placed = placedOf(problem, tasks, ask, minutes);
    return placed && { problem, placed };
  };
  const inTime = possible(0);
  const lateMinutes = inTime ? 0 : leastThat((minutes) => possible(minutes) !== null, LATEST);
  const found = inTime ?? (lateMinutes === null ? null : possible(lateMinutes));
  if (!found || lateMinutes === null) return null;
  return { tasks: timelineOf(found.problem, found.placed).tasks, lateMinutes };
}

/** The rest of a run as it was, only later by as much as it is behind: where its recipes can't be reached. */
export function postponed(run: DayRun, now: number): Replanned {
  const { tasks, done } = runState(run);
  const by = behind(run, now) * MINUTE_MS;
  const later = (moment: number) => moment + by;
  return {
    tasks: tasks.map((task) =>
      done.has(task.id) || task.ends <= now - by
        ? task
        : {
            ...task,
            begins: later(task.begins),
            ends: later(task.ends),
            at: wallTime(later(task.begins), run.zone),
            until: wallTime(later(task.ends), run.zone),
            firstCheck: task.firstCheck === null ? null : later(task.firstCheck),
            swapAt: task.swapAt === null ? null : later(task.swapAt),
          },
    ),
    lateMinutes: by / MINUTE_MS,
  };
}
