import type { DocketLine } from './types';

/** "⅓ x 180 g block" doesn't say what it weighs. */
const GRAMS_IN_IT = /(?<!(?<!\b1 ?)[x×]\s?\d*)\d\s*(?:kg|g|gr|grams?)\b/i;
/** Lighter isn't weighed beside its spoon, g. */
const WEIGHED_FROM = 3;

/** What is taken off is no longer in the weight: "(about 2 pounds, 700 g prepared)". */
const AS_BOUGHT =
  /\b(?:peeled|cored|pitted|stoned|hulled|shelled|trimmed|seeded)\b.*\b(?:lbs?|pounds?|oz|ounces?)\.?\)$/i;

/** Words with their weight behind; a bracket that ends them takes it in: "zest of 1 lemon (about 2 tsp, 6 g)". */
const weighedToo = (words: string, grams: number): string =>
  /\d[^()]*\)$/.test(words)
    ? words.replace(/\)$/, `, ${grams} g${AS_BOUGHT.test(words) ? ' prepared' : ''})`)
    : `${words} (${grams} g)`;

/** Words without their marks, strokes and dots. */
const bare = (words: string) => words.replace(/^\W*(?:\d{1,2}[.)]\s+(?=\d))?|[^\p{L}\p{N}]/gu, '');

/** True where the words bring their own amount. */
export const saysAmount = ({ words, changed, source }: DocketLine): boolean =>
  words !== undefined && !changed && source !== null && bare(words) === bare(source);

/**
 * A line of the docket as a person writes it. From 15 g the weight leads and the kitchen's measure follows, below it the spoon
 * leads. What was replaced never comes back in its old words.
 */
export function docketLineWords(line: DocketLine): string {
  const { grams, name, volume, source, changed, words } = line;
  if (!grams) return changed ? (words ?? name) : (words ?? source?.trim() ?? name);
  if (words === undefined) return `${grams.central} g ${name}${volume ? ` (${volume})` : ''}`;
  if (saysAmount(line) || COUNTED.test(words))
    return GRAMS_IN_IT.test(words) || grams.central < WEIGHED_FROM ? words : weighedToo(words, grams.central);
  if (grams.central < SPOON_LEADS && volume) return `${volume} ${words} (${grams.central} g)`;
  return `${grams.central} g ${words}${volume ? ` (${volume})` : ''}`;
}

/** Words that begin with their own measure. */
const COUNTED = /^(?:(?:pinch|dash|knob|handful) |an? |(?:\w+ of )?[\d\u00bc-\u00be\u2150-\u215e])/;

/** Below so many g a spoon measures better than a kitchen scale. */
export const SPOON_LEADS = 15;
