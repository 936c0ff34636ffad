import { isDeepStrictEqual } from 'node:util';
import type { DayDocument } from '@omniarton/core/clock';

/** As it is stored: without what is left out, and with keys that have values. */
const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

/** Whether a day is changed as a helper may: things are ticked, timed and noted in a run that goes on, and nothing else is otherwise. */
export function onlyHelps(before: DayDocument, after: DayDocument): boolean {
  if (!before.run || !after.run) return isDeepStrictEqual(plain(before), plain(after));
  const { events: earlier } = before.run;
  const { events } = after.run;
  const same = isDeepStrictEqual(
    plain({ ...before, run: { ...before.run, events: [] } }),
    plain({ ...after, run: { ...after.run, events: [] } }),
  );
  return same && isDeepStrictEqual(plain(earlier), plain(events.slice(0, earlier.length)));
}
