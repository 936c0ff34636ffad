import { cleanLine } from '../clean';
import type { KindOfLine } from './kinds';

const AMOUNT_OR_DEED =
  /\d|[.!?;]\s|[.!?]$|\b(?:cups?|grams?|ounces?|spoons?|tbsp|tsp|pinch|dash|half|dozen|until|minutes?|oven|then|into|notes?|tip|should|must|is|are)\b/i;
const MOST_WORDS = 7;
const HEADING = /:\W*$|^\W*(?:for the|ingredients)\b/i;

/**
 * A page without an amount or a deed is a list of names to be guarded: what stands in a cupboard or on a packet. Nothing in it
 * can be told from a title by what stands around it, and a name that is asked about harms nobody. Null: it is no such page.
 */
export function namesOnly(lines: readonly string[]): KindOfLine[] | null {
  const clean = lines.map(cleanLine);
  if (clean.some((line) => AMOUNT_OR_DEED.test(line) || line.split(' ').length > MOST_WORDS)) return null;
  return clean.map((line) =>
    HEADING.test(line)
      ? { kind: 'heading', sure: 1, or: 'ingredient' }
      : { kind: /\p{L}/u.test(line) ? 'ingredient' : 'junk', sure: 1, or: 'title' },
  );
}
