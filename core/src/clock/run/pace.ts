import type { DayRun } from './types';
import type { Pace, PlannedTask } from '../types';
import { MINUTE_MS, wallTime } from '../zone';
import { runState, type RunState } from './state';

/** Kinds of work that a household's own pace shows in. */
export const PACED = ['mix', 'shape', 'finish'] as const;
type PacedKind = (typeof PACED)[number];

/** A piece of work that was timed on a bake day. */
export interface TimedWork {
  readonly run: string;
  readonly kind: PacedKind;
  /** Minutes that it took over those of the table. */
  readonly ratio: number;
  /** `YYYY-MM-DD`. */
  readonly on: string;
}

/** Shorter work than this is pressed away sooner or later than it is done, minutes. */
const SHORTEST = 3;
/** Beyond these somebody forgot to press, or pressed ahead. */
const BELIEVED = [0.3, 3] as const;
/** Spread of a household's pace about the table, and of one piece of work about its pace, as logarithms. Common practice; no source. */
const PRIOR_SD = 0.3;
const WORK_SD = 0.5;

const isPaced = (kind: string): kind is PacedKind => (PACED as readonly string[]).includes(kind);

/** When somebody set about a task: as they said, else with one pair of hands when the one before was done, and no sooner than planned. */
function begunAt(task: PlannedTask, { started, done }: RunState, hands: number): number | null {
  const said = started.get(task.id);
  if (said !== undefined) return said;
  const ended = done.get(task.id)!;
  const before = [...done.values()].filter((at) => at < ended);
  if (hands > 1 || before.length === 0) return null;
  return Math.max(task.begins, ...before);
}

/** How long hands took on a run, beside the table. */
export function timedWork(run: DayRun): TimedWork[] {
  const state = runState(run);
  return state.tasks.flatMap((task): TimedWork[] => {
    const { kind } = task;
    const ended = state.done.get(task.id);
    const planned = task.ends - task.begins;
    if (!task.handsOn || !isPaced(kind) || ended === undefined || planned < SHORTEST * MINUTE_MS) return [];
    const begun = begunAt(task, state, run.setup.hands);
    if (begun === null) return [];
    const ratio = ((ended - begun) / planned) * (run.pace[kind] ?? 1);
    if (ratio < BELIEVED[0] || ratio > BELIEVED[1]) return [];
    return [{ run: run.id, kind, ratio, on: wallTime(ended, run.zone).slice(0, 10) }];
  });
}

/**
 * A household's pace by kind of work: the table's, moved towards what was timed by as much as that can tell (a normal mean with known
 * spread, of logarithms). Example: four times 1.5 at mixing → exp(0.41 × 4/0.25 / (4/0.25 + 1/0.09)) ≈ 1.27.
 */
export function paceOf(timed: readonly TimedWork[]): Pace {
  const pace = PACED.flatMap((kind) => {
    const logs = timed.filter((one) => one.kind === kind).map(({ ratio }) => Math.log(ratio));
    if (logs.length === 0) return [];
    const sum = logs.reduce((all, one) => all + one, 0) / WORK_SD ** 2;
    const weight = logs.length / WORK_SD ** 2 + 1 / PRIOR_SD ** 2;
    return [[kind, Math.exp(sum / weight)] as const];
  });
  return Object.fromEntries(pace);
}
