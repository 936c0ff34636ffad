import { createEvents, type EventAttributes } from 'ics';
import type { Plan } from './plan';

/** The library's types leave out the moment of writing (DTSTAMP), which it would else ask the clock for. */
type Stamped = EventAttributes & { readonly timestamp: number };

/** The calendar could not be written; the words are the library's. */
export class CalendarError extends Error {}

/**
 * A plan as iCalendar (RFC 5545): an event a step, in UTC, so that every calendar shows it on its own clocks. `id` makes the
 * events' ids: the same plan sent twice replaces itself. `now`: ms since 1970.
 */
export function toCalendar(plan: Plan, id: string, now: number): string {
  const events = plan.steps.map((step): Stamped => ({
    uid: `${step.id}-${id}@omniarton`,
    title: step.words,
    start: step.begins,
    startInputType: 'utc',
    startOutputType: 'utc',
    duration: { minutes: Math.max(1, Math.round(step.minutes)) },
    timestamp: now,
    alarms: [{ action: 'display', description: step.words, trigger: { before: true, minutes: 0 } }],
  }));
  const { error, value } = createEvents(events, { productId: '-//Omniarton//bake day//EN' });
  if (error || !value) throw new CalendarError(error?.message ?? 'The calendar came out empty.');
  return value;
}
