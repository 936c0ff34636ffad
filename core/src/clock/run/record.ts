import { emptyNotes, type BakeNotes, type Moment } from '../../kitchen';
import { say } from '../../words';
import { MINUTE_MS, wallTime } from '../zone';
import { runState } from './state';
import type { DayRun } from './types';

/** What the middle of a bake measured when it was looked at last; null: nobody measured. */
function lastProbe({ events }: DayRun, bake: string): number | null {
  const probes = events.flatMap((event) =>
    event.kind === 'later' && event.task.startsWith(`${bake}.`) && event.probe !== null ? [event] : [],
  );
  return probes.sort((a, b) => a.at - b.at).at(-1)?.probe ?? null;
}

/** No more of them are of use to anybody. */
const MOST_MOMENTS = 100;

/** When what was done on a bake, in order. */
function momentsOf(run: DayRun, bake: string): Moment[] {
  const { tasks, done } = runState(run);
  return tasks
    .flatMap((task) => {
      const at = done.get(task.id);
      return task.bake === bake && at !== undefined ? [{ moment: at, what: say(task.what) }] : [];
    })
    .sort((a, b) => a.moment - b.moment)
    .slice(0, MOST_MOMENTS)
    .map(({ moment, what }) => ({ at: wallTime(moment, run.zone).slice(11), what }));
}

/** What a run knows of one bake for its log: the day, the real minutes in the oven, the dial, and what was said on the way. */
export function notesOf(run: DayRun, bake: string): BakeNotes | null {
  const { tasks, done } = runState(run);
  const baked = tasks.flatMap((task) => {
    const [from, to] = [done.get(`${task.id}.in`), done.get(`${task.id}.out`)];
    return task.bake === bake && task.kind === 'bake' && from !== undefined && to !== undefined
      ? [{ task, from, to }]
      : [];
  });
  const longest = [...baked].sort((a, b) => b.to - b.from - (a.to - a.from))[0];
  const said = run.events.flatMap((event): string[] => {
    if (event.kind !== 'later' && event.kind !== 'wrong') return [];
    if (tasks.find(({ id }) => id === event.task)?.bake !== bake) return [];
    const clock = wallTime(event.at, run.zone).slice(11);
    if (event.kind === 'wrong') return [`${clock} ${event.note}`];
    const probe = event.probe === null ? '' : `, ${event.probe} °C in the middle`;
    return [
      `${clock} not yet${probe}${event.look === '' ? '' : `, ${event.look}`}: ${event.minutes} more minutes`,
    ];
  });
  if (!longest && said.length === 0) return null;
  const empty = emptyNotes(wallTime(longest?.from ?? run.began, run.zone).slice(0, 10));
  return {
    ...empty,
    measured: { ...empty.measured, probeCelsius: lastProbe(run, bake) },
    minutes: longest ? Math.round((longest.to - longest.from) / MINUTE_MS) : null,
    ovenCelsius: longest?.task.celsius ?? null,
    moments: momentsOf(run, bake),
    notes: said.join('\n'),
  };
}
