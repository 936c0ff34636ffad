import { numericQuantity } from 'numeric-quantity';
import { celsiusOf, fahrenheitOf, gramsPerUnit, INCH_CM } from '@omniarton/core/quantity';

/** "1,5", "1.5", "1 1/2", "½": a person in a kitchen writes them all. */
function numberOf(text: string): number | null {
  const value = numericQuantity(text.trim().replace(/^(\d+),(\d+)$/, '$1.$2'), { round: false });
  return Number.isNaN(value) ? null : value;
}

type Convert = (value: number) => number;
const same: Convert = (value) => value;

/** What may stand behind a number in a field of some unit, and what that is in the field's own. */
const SUFFIXES: Readonly<Record<string, readonly (readonly [RegExp, Convert])[]>> = {
  cm: [
    [/^(?:in|inch|inches|"|″|'')$/i, (value) => value * INCH_CM],
    [/^cm$/i, same],
    [/^mm$/i, (value) => value / 10],
  ],
  in: [
    [/^(?:in|inch|inches|"|″|'')$/i, same],
    [/^cm$/i, (value) => value / INCH_CM],
    [/^mm$/i, (value) => value / 10 / INCH_CM],
  ],
  '°C': [
    [/^°? ?c$/i, same],
    [/^°? ?f$/i, celsiusOf],
  ],
  '°F': [
    [/^°? ?f$/i, same],
    [/^°? ?c$/i, fahrenheitOf],
  ],
  min: [
    [/^(?:m|min|mins|minutes?)$/i, same],
    [/^(?:h|hr|hrs|hours?)$/i, (value) => value * 60],
    [/^(?:s|secs?|seconds?)$/i, (value) => value / 60],
  ],
  g: [
    [/^(?:g|grams?)$/i, same],
    [/^(?:kg|kilos?)$/i, (value) => value * 1000],
    [/^(?:oz|ounces?)$/i, (value) => value * gramsPerUnit('ounce')!],
    [/^(?:lbs?|pounds?)$/i, (value) => value * gramsPerUnit('pound')!],
  ],
  m: [
    [/^(?:m|metres?|meters?)$/i, same],
    [/^(?:ft|feet|')$/i, (value) => (value * 12 * INCH_CM) / 100],
  ],
};

/** "1h20", "1 h 20 min". */
const HOURS = /^(.+?)\s*h(?:ours?|rs?)?\s*(\d{1,2})\s*(?:m(?:in(?:ute)?s?)?)?$/i;
const SPLIT = /^([\d.,/\s½¼¾⅓⅔⅛⅜⅝⅞-]+?)\s*([°"″'\p{L}][°"″'\p{L}\s]*)?$/u;

/**
 * What a person typed into a field of some unit, in that unit; null: it is no such measure. Examples: ("8 in", "cm") → 20.32,
 * ("350F", "°C") → 176.67, ("1h20", "min") → 80, ("½", undefined) → 0.5.
 */
export function typedMeasure(text: string, unit?: string): number | null {
  const said = text.trim();
  const hours = unit === 'min' ? HOURS.exec(said) : null;
  if (hours) {
    const whole = numberOf(hours[1]!);
    return whole === null ? null : whole * 60 + Number(hours[2]);
  }
  const split = SPLIT.exec(said);
  const value = split ? numberOf(split[1]!) : null;
  if (!split || value === null) return null;
  const suffix = split[2]?.trim();
  if (!suffix) return value;
  const known = SUFFIXES[unit ?? '']?.find(([words]) => words.test(suffix));
  return known ? known[1](value) : suffix === unit ? value : null;
}
