import { PANS, type PanRecord } from '../kitchen';
import { INCH_CM, celsiusOf, celsiusOfGas } from '../quantity';
import type { PanShape } from '../vocabulary';
import { readAmount } from './amount';
import { cleanLine } from './clean';
import type { BakeFacts, Pan } from './types';

const CELSIUS = /(\d{2,3})\s*(?:°|º|degrees?|deg)?\s*(?:C\b|celsius|centigrade)/i;
const FAHRENHEIT = /(\d{3})\s*(?:°|º|degrees?|deg)?\s*(?:F\b|fahrenheit)/i;
/** A card that says no more than "160 degrees, 20 min". */
export const HOT_FIRST = /^\d{3}\s*(?:degrees?|deg|°)/i;
const BARE = /(\d{3})\s*(?:°|º|degrees|deg)(?!\s*[CF])/i;
const GAS = /gas(?: mark)?\s*([½¼]|\d{1,2})/i;
/** Lowest number that can only be °F when the letter is missing. */
const ONLY_FAHRENHEIT = 260;
const TIME =
  /(\d[\d ./]*)\s*(?:(?:-|to)\s*(\d[\d ./]*))?\s*(hours?|hrs?|minutes?|mins?\b|min\b)(?:\s*(?:and\s*)?(\d{1,2})\s*(?:minutes?|mins?))?/gi;

function ovenOf(text: string): { celsius: number; fan: boolean } | null {
  const c = CELSIUS.exec(text);
  const plain = c
    ? [...text.matchAll(new RegExp(CELSIUS, 'gi'))].find(
        (one) => !/^\s*\/?\s*\(?fan/i.test(text.slice(one.index + one[0].length)),
      )
    : undefined;
  if (c)
    return {
      celsius: Number((plain ?? c)[1]),
      fan:
        !plain ||
        (/\bfan\b/i.test(text.slice(Math.max(0, c.index - 8), c.index)) && !/conventional/i.test(text)),
    };
  const f = FAHRENHEIT.exec(text);
  if (f) return { celsius: celsiusOf(Number(f[1])), fan: /\b(?:fan|convection)\b/i.test(text) };
  const gas = GAS.exec(text);
  const marked = gas ? celsiusOfGas(gas[1]!) : undefined;
  if (marked !== undefined) return { celsius: marked, fan: false };
  const bare = BARE.exec(text);
  if (!bare) return null;
  const value = Number(bare[1]);
  return { celsius: value > ONLY_FAHRENHEIT ? celsiusOf(value) : value, fan: /\bfan\b/i.test(text) };
}

/** Times in words, as figures: "an hour and a half", "forty-five minutes". */
const SAID: readonly (readonly [RegExp, string])[] = [
  [/\b(?:an|one) hour and a half\b/gi, '90 minutes'],
  [/\b(?:an|one) hour and a quarter\b/gi, '75 minutes'],
  [/\bthree[- ]quarters of an hour\b/gi, '45 minutes'],
  [/\bhalf an hour\b/gi, '30 minutes'],
  [/\ba quarter of an hour\b/gi, '15 minutes'],
  [/\b(?:an|one) hour\b/gi, '1 hour'],
  [/\btwo hours\b/gi, '2 hours'],
];
const TENS: Readonly<Record<string, number>> = {
  ten: 10,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
};
const TENS_SAID = new RegExp(
  `\\b(${Object.keys(TENS).join('|')})(?:[- ](five))?(?=\\s+(?:to|or|minutes?|mins?)\\b)`,
  'gi',
);

const inFigures = (text: string): string =>
  SAID.reduce((words, [pattern, figures]) => words.replace(pattern, figures), text).replace(
    TENS_SAID,
    (_, tens: string, five?: string) => String(TENS[tens.toLowerCase()]! + (five ? 5 : 0)),
  );

const number = (text: string) => readAmount(`${text.trim()} minute`).quantity?.central ?? Number.NaN;

/** The first span of time that a text names, minutes. */
export function minutesIn(text: string): { low: number; high: number } | null {
  for (const match of inFigures(text).matchAll(TIME)) {
    const hour = match[3]!.toLowerCase().startsWith('h') ? 60 : 1;
    const low = number(match[1]!) * hour + Number(match[4] ?? 0);
    const high = (match[2] ? number(match[2]) * hour : low - Number(match[4] ?? 0)) + Number(match[4] ?? 0);
    if (low > 0 && high >= low) return { low, high };
  }
  return null;
}

const panNamedIn = (sentence: string) =>
  (Object.entries(PANS.rows) as readonly (readonly [PanShape, PanRecord])[]).find(([, { words }]) =>
    words.test(sentence),
  );
const TWO_SIZES =
  /(\d+(?:\.\d+)?)\s*(?:-|\s)?(cm|in\b|inch(?:es)?|")?\s*(?:x|×|by)\s*(\d+(?:\.\d+)?)\s*(?:-|\s)?(cm|in\b|inch(?:es)?|")?/i;
const ONE_SIZE = /(\d+(?:\.\d+)?)\s*-?\s*(cm|in\b|inch(?:es)?|")/i;
const COUNT_BEFORE =
  /\b(two|three|four|2|3|4|12|24|6)\b(?=[^.]*\b(?:tins|pans|cases|cups|layers?|muffin|cupcake|hole|ramekins?|mugs?)\b)/i;
const COUNTS: Readonly<Record<string, number>> = { two: 2, three: 3, four: 4 };
/** Without a unit, tins of more than this are in centimetres. */
const MOST_INCHES = 18;

function centimetres(value: number, unit: string | undefined): number {
  if (unit) return unit.toLowerCase() === 'cm' ? value : value * INCH_CM;
  return value > MOST_INCHES ? value : value * INCH_CM;
}

const VESSEL = /\b(?:tins?|pans?|trays?|sheets?|mould|dish|cases|ramekins?|skillet|springform|mugs?)\b/i;

/** Smaller than this is a piece, or how thick it is rolled, cm. */
const LEAST_TIN = 10;

function isSized(sentence: string): boolean {
  const one = ONE_SIZE.exec(sentence);
  return TWO_SIZES.test(sentence) || (one !== null && centimetres(Number(one[1]), one[2]) >= LEAST_TIN);
}

function panOf(sentences: readonly string[]): Pan | null {
  const named = sentences.filter((one) => VESSEL.test(one));
  // A title may name a skillet; the sentence with its size is the one that is meant.
  const sentence = named.find(isSized) ?? named.find((one) => one !== sentences[0]) ?? named[0];
  const pan = sentence ? panNamedIn(sentence) : undefined;
  if (!sentence || !pan) return null;
  const [shape, { lengthCm: usualLength, widthCm: usualWidth, round, even, sizedByName }] = pan;
  const two = TWO_SIZES.exec(sentence);
  const one = ONE_SIZE.exec(sentence);
  const counted = COUNT_BEFORE.exec(sentence)?.[1]?.toLowerCase();
  const count = counted ? (COUNTS[counted] ?? Number(counted)) : pan[1].count;
  const words = sentence.trim();
  if (two) {
    const length = centimetres(Number(two[1]), two[2] ?? two[4]);
    const width = centimetres(Number(two[3]), two[4] ?? two[2]);
    const flat = round ? 'rect' : shape;
    return { shape: flat, lengthCm: Math.max(length, width), widthCm: Math.min(length, width), count, words };
  }
  if (one && !sizedByName) {
    const size = centimetres(Number(one[1]), one[2]);
    return { shape, lengthCm: size, widthCm: even ? size : Math.min(size, usualWidth), count, words };
  }
  return { shape, lengthCm: usualLength, widthCm: usualWidth, count, words };
}

/** What the title, notes and method say of the bake: oven, fan, minutes, pan. Null when they say nothing. */
export function readBake(texts: readonly string[]): BakeFacts | null {
  const clean = texts.map(cleanLine);
  const sentences = clean.flatMap((text) => text.split(/(?<=[.;!])\s+(?=\p{Lu})/u));
  const baking = sentences.filter((one) => /\b(?:bak(?:e|ing)|oven)\b/i.test(one) || HOT_FIRST.test(one));
  const oven = [...baking, ...sentences].map(ovenOf).find((one) => one !== null) ?? null;
  const minutes =
    baking
      .filter((one) => /\bbak(?:e|ing)\b|\bin the oven\b/i.test(one) || HOT_FIRST.test(one))
      .map(minutesIn)
      .find((one) => one !== null) ?? null;
  const pan = panOf(sentences);
  if (!oven && !minutes && !pan) return null;
  return { ovenCelsius: oven ? Math.round(oven.celsius) : null, fan: oven?.fan ?? false, minutes, pan };
}
