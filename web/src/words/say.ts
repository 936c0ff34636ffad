import type { DocketBake } from '@omniarton/core/docket';
import { celsiusOf, dialOf, fahrenheitOf } from '@omniarton/core/quantity';

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

/** A share to a tenth of a percent. */
export const sayTenths = (share: number): string => `${Math.round(share * 1000) / 10} %`;

export type TemperatureUnit = 'celsius' | 'fahrenheit';

/** °C as the unit that is shown, in whole degrees; and back. */
export const toShown = (celsius: number, unit: TemperatureUnit): number =>
  Math.round(unit === 'celsius' ? celsius : fahrenheitOf(celsius));
/** A dial as it is typed in: a page's 175 °C is its 350 °F, not 347. */
export const dialShown = (celsius: number, unit: TemperatureUnit): number =>
  unit === 'celsius' ? Math.round(celsius) : dialOf(celsius).fahrenheit;
export const fromShown = (degrees: number, unit: TemperatureUnit): number =>
  unit === 'celsius' ? degrees : celsiusOf(degrees);

export const sayTemperature = (celsius: number, unit: TemperatureUnit): string =>
  `${toShown(celsius, unit)} ${unit === 'celsius' ? '°C' : '°F'}`;

/** An oven's heat as its dial has it, in the unit that is shown. */
export function sayOven(celsius: number, unit: TemperatureUnit): string {
  const dial = dialOf(celsius);
  return unit === 'celsius' ? `${dial.celsius} °C` : `${dial.fahrenheit} °F`;
}

/** How long it is baked; in a microwave to five seconds, or half minutes. */
export function sayBakeTime({ minutes, watts }: Pick<DocketBake, 'minutes' | 'watts'>): string {
  if (!minutes) return '–';
  if (watts === null) return `${Math.round(minutes.central)} min`;
  return minutes.central < 2
    ? `${Math.round(minutes.central * 12) * 5} s`
    : `${Math.round(minutes.central * 2) / 2} min`;
}

/** A day and time as a list shows them, on this browser's clock. */
export const sayWhen = (iso: string | number): string => WHEN.format(new Date(iso));
const WHEN = new Intl.DateTimeFormat('en-GB', {
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
