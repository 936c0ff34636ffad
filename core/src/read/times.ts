import { cleanLine } from './clean';
import { durationsIn } from './durations';
import type { RecipeTimes } from './types';

const FIELDS: readonly (readonly [keyof RecipeTimes, RegExp])[] = [
  ['prep', /^(?:prep(?:aration)?|active|hands[- ]on)(?: time)?\s*:?\s/i],
  ['cook', /^(?:cook(?:ing)?|bak(?:e|ing))(?: time)\s*:?\s|^(?:cook(?:ing)?|bak(?:e|ing))\s*:\s/i],
  ['rest', /^(?:rest(?:ing)?|chill(?:ing)?|rising|proving)(?: time)?\s*:?\s/i],
  ['total', /^(?:total|ready in)(?: time)?\s*:?\s/i],
];

/** "Ready in 1 hr 15 plus chilling": that is no total. */
const AND_MORE =
  /\bplus\s+(?:[\w-]+ )?(?:chilling|cooling|setting|rising|proving|proofing|soaking|resting|freezing|marinating|overnight)\b/i;

/** "prep 10   cook 20": a time behind another word is that one's. */
function ownTime(said: string): number | null {
  const [first] = durationsIn(said);
  return first && !/\b(?:cook|bak|total|chill|rest)/i.test(said.slice(0, first.from)) ? first.high : null;
}

/** The times that a recipe states beside its name, minutes. Example: "Prep time: 20 min" → prep 20. */
export function readTimes(lines: readonly string[]): RecipeTimes {
  const times: Record<keyof RecipeTimes, number | null> = { prep: null, cook: null, rest: null, total: null };
  for (const line of lines.map(cleanLine))
    for (const part of line.split(/\s*[|·;]\s*/))
      for (const [field, words] of FIELDS)
        if (words.test(part) && !(field === 'total' && AND_MORE.test(part)))
          times[field] ??= ownTime(part.replace(words, ''));
  return times;
}
