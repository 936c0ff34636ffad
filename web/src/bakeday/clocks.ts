import { wallTime } from '@omniarton/core/clock';

/** "14:05" of a moment, on the clocks of a place. */
export const clockOf = (moment: number, zone: string): string => wallTime(moment, zone).slice(11);

/** "Saturday 19 June" of a day, `YYYY-MM-DD…`. */
export const dayOf = (at: string): string =>
  new Date(`${at.slice(0, 10)}T12:00:00Z`).toLocaleDateString('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  });

/** "1 h 20 min" */
export function spanOf(ms: number): string {
  const minutes = Math.max(0, Math.round(ms / 60_000));
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
  return [hours > 0 ? `${hours} h` : '', rest > 0 || hours === 0 ? `${rest} min` : '']
    .filter((one) => one !== '')
    .join(' ');
}

/** A local moment, `YYYY-MM-DDTHH:mm`, so many minutes later on the same clock. */
export const laterOn = (at: string, minutes: number): string =>
  new Date(Date.parse(`${at}:00Z`) + minutes * 60_000).toISOString().slice(0, 16);

/** A zone that this browser knows. */
export function knowsZone(zone: string): boolean {
  try {
    wallTime(0, zone);
    return true;
  } catch {
    return false;
  }
}

export const HERE = Intl.DateTimeFormat().resolvedOptions().timeZone;
