import type { Difference } from '@omniarton/core/log';
import { sayGrams } from './say';

const round = (value: number) => String(Math.round(value * 10) / 10);

const FIGURE: Readonly<Record<string, (from: string, to: string) => string>> = {
  minutes: (from, to) => `${from} → ${to} minutes in the oven`,
  oven: (from, to) => `dial at ${from} → ${to} °C`,
  'true-oven': (from, to) => `oven truly ${from} → ${to} °C`,
  rest: (from, to) => `rest ${from} → ${to} minutes`,
  pieces: (from, to) => `${from} → ${to} pieces`,
  filled: (from, to) => `${from} → ${to} g in the tins`,
  rack: (from, to) => `${from} → ${to} rack`,
  tin: (from, to) => `${from} → ${to}`,
  tins: (from, to) => `tins: ${from} → ${to}`,
  bag: (from, to) => `bag ${from} → ${to}`,
};

/** One difference between two bakes, for the same batch. Example: "butter 180 → 160 g". */
export function differenceWords(one: Difference): string {
  if (one.kind !== 'line') {
    const say = (value: number | string) => (typeof value === 'number' ? round(value) : value);
    return FIGURE[one.kind]!(say(one.from), say(one.to));
  }
  const grams = (value: number | null) => (value === null ? 'none' : sayGrams(value));
  return `${one.name} ${grams(one.from)} → ${grams(one.to)}${one.to === null ? '' : ' g'}`;
}
