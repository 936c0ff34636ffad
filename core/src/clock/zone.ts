/* eslint-disable no-restricted-globals -- Date and Intl do calendar arithmetic here; neither is asked what time it is. */
import type { Serving } from '../kitchen';

export const MINUTE_MS = 60_000;

/** A time zone that this machine doesn't know. */
export class UnknownZoneError extends Error {
  constructor(zone: string) {
    super(`No time zone is called "${zone}".`);
    this.name = 'UnknownZoneError';
  }
}

const formats = new Map<string, Intl.DateTimeFormat>();

function formatOf(zone: string): Intl.DateTimeFormat {
  const known = formats.get(zone);
  if (known) return known;
  try {
    const made = new Intl.DateTimeFormat('en-GB', {
      timeZone: zone,
      hourCycle: 'h23',
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
    });
    formats.set(zone, made);
    return made;
  } catch {
    throw new UnknownZoneError(zone);
  }
}

/** What that place's clocks show at a moment (ms since 1970): `YYYY-MM-DDTHH:mm`. Throws UnknownZoneError. */
export function wallTime(moment: number, zone: string): string {
  const parts = Object.fromEntries(
    formatOf(zone)
      .formatToParts(moment)
      .map(({ type, value }) => [type, value]),
  );
  return `${parts['year']}-${parts['month']}-${parts['day']}T${parts['hour']}:${parts['minute']}`;
}

const asIfUtc = (wall: string) => new Date(`${wall}:00Z`).getTime();

/**
 * The moment at which a place's clocks show a time. A time that the clocks leap over in spring is that much later; one that
 * they show twice in autumn is the first. Example: 02:30 in Berlin on the last Sunday of March is 03:30 there.
 */
export function momentOf({ at, zone }: Serving): number {
  const wanted = asIfUtc(at);
  const offsetAt = (moment: number) => asIfUtc(wallTime(moment, zone)) - moment;
  const before = wanted - offsetAt(wanted - 24 * 60 * MINUTE_MS);
  if (wallTime(before, zone) === at) return before;
  const after = wanted - offsetAt(wanted + 24 * 60 * MINUTE_MS);
  return wallTime(after, zone) === at ? after : before;
}

/** So many days after a calendar day. Example: 2027-02-28, 1 → 2027-03-01. */
export const dayLater = (day: string, days: number): string =>
  new Date(asIfUtc(`${day}T00:00`) + days * 24 * 60 * MINUTE_MS).toISOString().slice(0, 10);
