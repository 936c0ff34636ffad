import { cleanLine } from './clean';
import { numbersFromWords } from './numberWords';
import { minutesIn } from './bakeFacts';
import type { RecipeTimes, Yield } from './types';

const YIELD =
  /^(?:(?:this |the recipe )?(?:makes|serves|yields?|servings?|portions?))\b\s*:?\s*(?:about |approximately |around |approx\.? |enough for )?(.*)$/i;
const COUNT = /^(\d+(?:\.\d+)?)(?:\s*(?:-|to|or)\s*(\d+(?:\.\d+)?))?\s*(dozen\b)?\s*(.*)$/i;
const DOZEN = 12;
const FIELDS: readonly (readonly [keyof RecipeTimes, RegExp])[] = [
  ['prep', /^(?:prep(?:aration)?|active|hands[- ]on)(?: time)?\s*:?\s/i],
  ['cook', /^(?:cook(?:ing)?|bak(?:e|ing))(?: time)\s*:?\s|^(?:cook(?:ing)?|bak(?:e|ing))\s*:\s/i],
  ['rest', /^(?:rest(?:ing)?|chill(?:ing)?|rising|proving)(?: time)?\s*:?\s/i],
  ['total', /^(?:total|ready in)(?: time)?\s*:?\s/i],
];

/** How many pieces or helpings some words promise: "Makes 2 dozen small cookies" is 24 small cookies. Null: they don't say. */
export function readYield(lines: readonly string[]): Yield | null {
  for (const line of lines) {
    const words = YIELD.exec(cleanLine(line))?.[1];
    if (words === undefined) continue;
    const match = COUNT.exec(numbersFromWords(words.replace(/^one\b/i, '1')));
    if (!match) continue;
    const [, first = '', last, dozen, what = ''] = match;
    const times = dozen ? DOZEN : 1;
    const low = Number(first) * times;
    const high = last ? Number(last) * times : low;
    if (low > 0 && high >= low) return { low, high, what: what.replace(/[.]$/, '').trim() };
  }
  return null;
}

/** The times that a recipe states beside its name, minutes. Example: "Prep time: 20 min" → prep 20. */
export function readTimes(lines: readonly string[]): RecipeTimes {
  const times: Record<keyof RecipeTimes, number | null> = { prep: null, cook: null, rest: null, total: null };
  for (const line of lines.map(cleanLine))
    for (const part of line.split(/\s*[|·;]\s*/))
      for (const [field, words] of FIELDS)
        if (words.test(part)) times[field] ??= minutesIn(part)?.high ?? null;
  return times;
}
