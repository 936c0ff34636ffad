import type { PlannedTask } from '../types';
import type { DayRun, RunEvent, Timer } from './types';
import { MINUTE_MS } from '../zone';

/** A run as its events leave it. */
export interface RunState {
  /** Of the newest plan. */
  readonly tasks: readonly PlannedTask[];
  /** When each task was done, ms since 1970. */
  readonly done: ReadonlyMap<string, number>;
  /** When each that is timed by hand was begun. */
  readonly started: ReadonlyMap<string, number>;
  readonly ticked: ReadonlySet<string>;
  readonly ended: boolean;
  /** By how much the newest plan serves later, minutes. */
  readonly lateMinutes: number;
}

/** In the order in which they happened; those of one moment by their ids. */
const inOrder = (events: readonly RunEvent[]): RunEvent[] =>
  [...events].sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));

/** What either of two devices knows of one run. */
export function mergeRuns(one: DayRun, other: DayRun): DayRun {
  const byId = new Map([...one.events, ...other.events].map((event) => [event.id, event]));
  return { ...one, events: inOrder([...byId.values()]) };
}

/** Where a run stands. Example: a task that was done and then not is open again. */
export function runState({ tasks: planned, events }: Pick<DayRun, 'tasks' | 'events'>): RunState {
  const done = new Map<string, number>();
  const started = new Map<string, number>();
  const ticked = new Set<string>();
  let [tasks, ended, lateMinutes] = [planned, false, 0];
  for (const event of inOrder(events))
    switch (event.kind) {
      case 'done':
        if (!done.has(event.task)) done.set(event.task, event.at);
        break;
      case 'not-done':
        done.delete(event.task);
        break;
      case 'started':
        started.set(event.task, event.at);
        break;
      case 'ticked':
        ticked.add(event.what);
        break;
      case 'unticked':
        ticked.delete(event.what);
        break;
      case 'replanned':
        [tasks, lateMinutes] = [event.tasks, event.lateMinutes];
        break;
      case 'ended':
        ended = true;
        break;
      case 'later':
      case 'wrong':
        break;
    }
  return { tasks, done, started, ticked, ended, lateMinutes };
}

/** Somebody has to do it: work, and the switch of an oven. */
const isAct = ({ handsOn, kind }: PlannedTask): boolean => handsOn || kind === 'preheat' || kind === 'serve';

/** What starts the clock of something that goes on by itself. */
function startOf({ id, kind }: PlannedTask, done: ReadonlyMap<string, number>): number | undefined {
  if (kind === 'preheat') return done.get(id);
  if (kind === 'bake') return done.get(`${id}.in`);
  const before = id.slice(0, id.lastIndexOf('.'));
  return done.get(`${before}.out`) ?? done.get(before);
}

/** Over: what bakes is out, what waits was seen to, or something that comes after it is done. */
function isOver({ id, kind, bake, ends }: PlannedTask, { tasks, done }: RunState): boolean {
  if (kind === 'preheat') return false;
  if (kind === 'bake') return done.has(`${id}.out`);
  return done.has(id) || tasks.some((one) => one.bake === bake && one.begins >= ends && done.has(one.id));
}

/** How long after its end a timer of the oven's own heat is still shown, minutes. */
const STAYS = 10;

/** Until when each task was put off, as somebody who looked at it said last. */
function putOff(events: readonly RunEvent[]): ReadonlyMap<string, number> {
  const put = new Map<string, number>();
  for (const event of inOrder(events))
    if (event.kind === 'later') put.set(event.task, event.at + event.minutes * MINUTE_MS);
  return put;
}

/** What runs by itself since something was done. */
function ownTimers(
  task: PlannedTask,
  state: RunState,
  put: ReadonlyMap<string, number>,
  now: number,
): Timer[] {
  const from = startOf(task, state.done);
  if (from === undefined || isOver(task, state)) return [];
  const over = from + (task.ends - task.begins);
  if (task.kind === 'preheat' && now > over + STAYS * MINUTE_MS) return [];
  const first = task.firstCheck === null ? over : from + (task.firstCheck - task.begins);
  const rings = put.get(task.id) ?? first;
  const marks = task.kind === 'bake' ? `${task.id}.out` : task.id;
  const own: Timer = {
    task,
    from,
    rings,
    over: Math.max(over, put.get(task.id) ?? 0),
    calls: rings < over ? 'look' : 'end',
    marks,
  };
  const swap = `${task.id}.swap`;
  if (task.swapAt === null || state.done.has(swap)) return [own];
  const half = from + (task.swapAt - task.begins);
  return [{ task, from, rings: half, over: half, calls: 'swap', marks: swap }, own];
}

/** What is watched by hand, from when its clock was started. */
function watched(task: PlannedTask, state: RunState, put: ReadonlyMap<string, number>): Timer[] {
  const from = state.started.get(task.id);
  if (from === undefined || state.done.has(task.id)) return [];
  const rings = Math.max(put.get(task.id) ?? 0, from + (task.ends - task.begins));
  return [{ task, from, rings, over: rings, calls: 'cook', marks: task.id }];
}

/** Everything that runs, by what rings first. Moments are absolute: they hold through sleep, a reload or a crash. */
export function timersOf(run: DayRun, now: number): Timer[] {
  const state = runState(run);
  if (state.ended) return [];
  const put = putOff(run.events);
  return state.tasks
    .flatMap((task) => {
      if (task.kind === 'serve') return [];
      return task.handsOn ? watched(task, state, put) : ownTimers(task, state, put, now);
    })
    .sort((a, b) => a.rings - b.rings || (a.marks < b.marks ? -1 : 1));
}

/** What is to be done now, and what after that, in the order of the plan. */
export function toDo(run: DayRun): PlannedTask[] {
  const { tasks, done, ended } = runState(run);
  if (ended) return [];
  return tasks.filter((task) => isAct(task) && !done.has(task.id));
}

/** By how many minutes the run is behind its plan; 0 while it isn't. */
export function behind(run: DayRun, now: number): number {
  const [next] = toDo(run);
  return next ? Math.max(0, Math.floor((now - next.begins) / MINUTE_MS)) : 0;
}

/** Least and most that another look is put off, minutes. */
const AGAIN = { least: 2, most: 15, usual: 3 } as const;

/**
 * How long something that isn't done is given: by the bake's own curve from what its middle measures now, else a few minutes. Example:
 * a middle of 88 °C that Heat has at minute 27 of 33 → 6 minutes.
 */
export function moreMinutes(
  {
    centre,
    doneMinutes,
  }: { readonly centre: readonly (readonly [number, number])[]; readonly doneMinutes: number | null },
  probe: number | null,
): number {
  if (probe === null || doneMinutes === null) return AGAIN.usual;
  const there = centre.find(([, celsius]) => celsius >= probe);
  const left = there ? doneMinutes - there[0] : AGAIN.least;
  return Math.min(AGAIN.most, Math.max(AGAIN.least, Math.round(left)));
}
