import { createEvents, type EventAttributes } from 'ics';
import { say } from '../words';
import type { DayPlan, PlannedTask, TaskKind } from './types';
import { MINUTE_MS } from './zone';

/** The library's types leave out the moment of writing (DTSTAMP), which it would else ask the clock for. */
type Stamped = EventAttributes & { readonly timestamp: number };

/** The calendar could not be written; the words are the library's. */
export class CalendarError extends Error {}

/** What one is called for. The rest goes on by itself, or within these. */
const CALLED: ReadonlySet<TaskKind> = new Set<TaskKind>([
  'out-of-cold',
  'mix',
  'shape',
  'preheat',
  'bake',
  'cook',
  'finish',
  'clean',
  'serve',
]);
const minutes = (from: number, to: number) => Math.round((to - from) / MINUTE_MS);

/** An alarm when it begins, and one at the first look at what bakes. */
function alarmsOf({ begins, firstCheck, what }: PlannedTask): NonNullable<EventAttributes['alarms']> {
  const begin = { action: 'display' as const, description: say(what), trigger: { before: true, minutes: 0 } };
  if (firstCheck === null) return [begin];
  const look = {
    action: 'display' as const,
    description: `First look: ${say(what)}`,
    trigger: { before: false, minutes: minutes(begins, firstCheck) },
  };
  return [begin, look];
}

/**
 * A bake day as iCalendar (RFC 5545): an event for whatever calls for somebody, in UTC, so that every calendar shows it on its own
 * clocks, with an alarm at its begin and at the first look. `id` makes the events' ids: the same plan sent twice replaces itself.
 * `now`: ms since 1970.
 */
export function toCalendar(
  plan: DayPlan,
  titles: Readonly<Record<string, string>>,
  id: string,
  now: number,
): string {
  const events = plan.tasks
    .filter(({ kind }) => CALLED.has(kind))
    .map((task): Stamped => ({
      uid: `${task.id}-${id}@omniarton`,
      title: say(task.what),
      description: task.bake === null ? '' : (titles[task.bake] ?? ''),
      start: task.begins,
      startInputType: 'utc',
      startOutputType: 'utc',
      duration: { minutes: Math.max(1, minutes(task.begins, task.ends)) },
      timestamp: now,
      alarms: alarmsOf(task),
    }));
  const { error, value } = createEvents(events, { productId: '-//Omniarton//bake day//EN' });
  if (error || !value) throw new CalendarError(error?.message ?? 'The calendar came out empty.');
  return value;
}
