import { sayFraction } from '../quantity';

/** Half a minute counts in a microwave and a pan, up to so many. */
const BY_HALVES = 5;

/** Minutes as a person says them: halves of a few, whole ones, and from two hours on quarter hours. Example: 3.5 → "3½ minutes". */
export function sayMinutes(minutes: number): string {
  if (minutes < BY_HALVES) {
    const halves = Math.max(0.5, Math.round(2 * minutes) / 2);
    return `${sayFraction(halves)} ${halves <= 1 ? 'minute' : 'minutes'}`;
  }
  if (minutes < 120) return `${Math.round(minutes)} minutes`;
  return `${sayFraction(Math.round(minutes / 15) / 4)} hours`;
}

/** A span of minutes. Example: 12, 14 → "12 to 14 minutes". */
export function saySpan(low: number, high: number): string {
  if (sayMinutes(low) === sayMinutes(high)) return sayMinutes(high);
  const [least = '', unit = ''] = sayMinutes(low).split(' ');
  const one = (words: string) => words.replace(/s$/, '');
  return one(sayMinutes(high)).endsWith(one(unit))
    ? `${least} to ${sayMinutes(high)}`
    : `${sayMinutes(low)} to ${sayMinutes(high)}`;
}

const LONG = 24 * 60;
const count = (n: number, one: string) => `${n} ${one}${n === 1 ? '' : 's'}`;

/** How long all of it takes, to five minutes. Example: 86 → "1 hour 25 minutes". */
export function sayDuration(minutes: number): string {
  const whole = Math.max(5, Math.round(minutes / 5) * 5);
  if (whole >= 2 * LONG) return count(Math.round(whole / LONG), 'day');
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  return [hours > 0 ? count(hours, 'hour') : '', rest > 0 ? count(rest, 'minute') : '']
    .filter((one) => one !== '')
    .join(' ');
}

/** A short time in the unit that a person counts it in: from two minutes on half minutes. Example: 495 → 8.5 minutes. */
export const shortTime = (
  seconds: number,
): { readonly amount: number; readonly unit: 'seconds' | 'minutes' } =>
  seconds < 120
    ? { amount: Math.round(seconds), unit: 'seconds' }
    : { amount: Math.round(seconds / 30) / 2, unit: 'minutes' };

/** Seconds as a person says them. Example: 495 → "8.5 minutes". */
export function saySeconds(seconds: number): string {
  const { amount, unit } = shortTime(seconds);
  return `${amount} ${unit}`;
}
