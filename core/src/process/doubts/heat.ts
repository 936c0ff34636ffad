import { makeDoubt, type Finding, type Step } from '../../read';
import type { Stage } from '../types';

const LEAST_CELSIUS = 60;
const MOST_CELSIUS = 275;
const LEAST_MINUTES = 1;
const MOST_MINUTES = 240;

/** An oven that no dial has, most often °F taken for °C. */
export function oddOven({ medium, ovenCelsius: celsius }: Stage, step: Step): Finding[] {
  if (medium !== 'oven' || celsius === null || (celsius >= LEAST_CELSIUS && celsius <= MOST_CELSIUS))
    return [];
  const fahrenheit = /(\d{3})(\s*°?\s*)C\b/i;
  const to =
    celsius > MOST_CELSIUS && fahrenheit.test(step.source)
      ? step.source.replace(fahrenheit, '$1$2F')
      : undefined;
  return [
    makeDoubt('odd-oven', step, {
      asks: `No home oven bakes at ${celsius} °C.`,
      ...(to ? { guess: `${celsius} °F`, to } : {}),
    }),
  ];
}

export function oddTime({ medium, minutes }: Stage, step: Step): Finding[] {
  if (medium !== 'oven' || !minutes || (minutes.high >= LEAST_MINUTES && minutes.low <= MOST_MINUTES))
    return [];
  return [makeDoubt('odd-time', step, { asks: `${minutes.low} minutes in the oven is hardly meant.` })];
}
