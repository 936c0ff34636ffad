import { celsiusOf, fahrenheitOf } from '@omniarton/core/quantity';

const GRAMS = [
  [10, 2],
  [100, 1],
] as const;

/** Made once: making one takes longer than all else that a move of a pointer costs. */
const THOUSANDS = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 2 });

/** Grams as the kitchen says them: no more digits than a scale shows. A thin space parts thousands. */
export function sayGrams(grams: number): string {
  const digits = GRAMS.find(([below]) => grams < below)?.[1] ?? 0;
  return THOUSANDS.format(Number(grams.toFixed(digits))).replaceAll(',', '\u2009');
}

/** A count or a measure: no more digits than a person wrote. */
export const sayNumber = (value: number): string => String(Number(value.toFixed(2)));

/** A figure to be held against others: two digits, three above ten. */
export const sayShort = (value: number): string => String(Number(value.toPrecision(value < 10 ? 2 : 3)));

export const sayPercent = (share: number): string => `${Math.round(share * 100)}`;

export type TemperatureUnit = 'celsius' | 'fahrenheit';

/** °C as the unit that is shown, in whole degrees; and back. */
export const toShown = (celsius: number, unit: TemperatureUnit): number =>
  Math.round(unit === 'celsius' ? celsius : fahrenheitOf(celsius));
export const fromShown = (degrees: number, unit: TemperatureUnit): number =>
  unit === 'celsius' ? degrees : celsiusOf(degrees);

export const sayTemperature = (celsius: number, unit: TemperatureUnit): string =>
  `${toShown(celsius, unit)} ${unit === 'celsius' ? '°C' : '°F'}`;

/** A day and time as a list shows them, on this browser's clock. */
export const sayWhen = (iso: string | number): string =>
  new Date(iso).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });

/** Today on this browser's calendar, `YYYY-MM-DD`. */
export function today(): string {
  const now = new Date();
  const two = (value: number) => String(value).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** A calendar day as a person says it: "20 June 2026". */
export const sayDay = (day: string): string =>
  new Date(`${day}T12:00`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
