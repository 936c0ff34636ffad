import { PANS, type PanSize } from '../kitchen';
import { dialOf, fahrenheitOf, INCH_CM, sayFraction } from '../quantity';
import type { Locale } from '../vocabulary';

/** In which measures a page speaks: °F, inches and cups, or °C, centimetres and grams. */
export type MeasureSystem = 'us' | 'metric';

/** The page's own. */
export const systemOf = (locale: Locale | undefined): MeasureSystem => (locale === 'US' ? 'us' : 'metric');

/** A temperature in both scales, the system's own first; °F to the nearest `step`. Example: "98 °C (208 °F)". */
export function sayHeat(celsius: number, system: MeasureSystem = 'metric', step = 1): string {
  const fahrenheit = step * Math.round(fahrenheitOf(celsius) / step);
  const both = [`${Math.round(celsius)} °C`, `${fahrenheit} °F`] as const;
  return system === 'us' ? `${both[1]} (${both[0]})` : `${both[0]} (${both[1]})`;
}

/** A temperature as oven dials have it, the system's own first. Example: 177 → "175 °C (350 °F, gas mark 4)", "350 °F (175 °C)". */
export function sayDial(celsius: number, fan: boolean, system: MeasureSystem = 'metric'): string {
  const dial = dialOf(celsius);
  const gas = dial.gas !== null && !fan ? `, gas mark ${dial.gas}` : '';
  const words =
    system === 'us'
      ? `${dial.fahrenheit} °F (${dial.celsius} °C)`
      : `${dial.celsius} °C (${dial.fahrenheit} °F${gas})`;
  return `${words}${fan ? ' with the fan' : ''}`;
}

const METRIC_FIRST = /(\d+) °C \((\d+) °F(?:, gas mark [\d¼½]+)?\)/g;
const US_FIRST = /(\d+) °F \((\d+) °C\)/g;

/** Words whose heats stand in both scales, with the system's own first. What is said in one scale alone is its author's, and stays. */
export const heatsIn = (words: string, system: MeasureSystem): string =>
  system === 'us' ? words.replace(METRIC_FIRST, '$2 °F ($1 °C)') : words.replace(US_FIRST, '$2 °C ($1 °F)');

/** A measure so near a whole inch is that many. */
const NEAR_INCH = 0.13;

/** Inches as a tape has them: whole ones where that is near, else to the half. Example: 22.86 → "9", 20 → "8". */
function sayInches(cm: number): string {
  const inches = cm / INCH_CM;
  const whole = Math.round(inches);
  if (Math.abs(inches - whole) <= NEAR_INCH) return String(whole);
  return sayFraction(Math.round(inches * 2) / 2);
}

const sayCm = (cm: number): string => String(Math.round(cm));

/** A tin in the system's measures. Example: "9 × 5 in loaf tin", "2 tins, 20 cm round", "muffin cups". */
export function sayTin(pan: PanSize, system: MeasureSystem, vessel?: string): string {
  const { name, sizedByName, round, free, also } = PANS.rows[pan.shape];
  const across = Object.entries(also).find(([, one]) => one.acrossCm === pan.lengthCm)?.[1];
  const called = across ? `${across.name}s` : (vessel ?? name);
  const many = pan.count > 1 ? `${pan.count} ` : '';
  if (free || sizedByName) return `${free ? '' : many}${called}`;
  const say = system === 'us' ? sayInches : sayCm;
  const unit = system === 'us' ? 'in' : 'cm';
  const [length, width] = [say(pan.lengthCm), say(pan.widthCm)];
  const size = round || length === width ? length : `${length} × ${width}`;
  const plural = pan.count > 1 && !called.endsWith('s') ? 's' : '';
  return `${pan.count > 1 ? `${pan.count} × ` : ''}${size} ${unit} ${called}${plural}`;
}
