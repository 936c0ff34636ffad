import type { Scales } from './grams';
import { cleanLine } from './clean';
import { readLine } from './line';
import { namedIn } from './named';
import type { Item, Line } from './types';

const NUMBER =
  '(?:\\d[\\d./]*(?:\\s+\\d/\\d)?|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half an?|half|(?:three )?quarters? of an?|a couple of|a few)';
const MEASURE =
  '(?:kg|g|gr|grams?|mls?|l|litres?|liters?|dl|cups?|tbsps?|tablespoon(?:ful)?s?|tsps?|teaspoon(?:ful)?s?|oz|ounces?|lbs?|pounds?|pints?|sticks?|pinch(?:es)?|handfuls?|knobs?|cans?|tins?|packets?|jars?|pots?|large|small|medium|heaped|level|good|big)';
/** An amount of something in running text: "150 g butter", "half a cup of raw sugar", "3 eggs". */
const AMOUNT = new RegExp(
  `(?<![\\d.,/\\p{L}-])(${NUMBER})(?:[\\s-]*(${MEASURE}))*\\.?\\s+(?:of\\s+)?(?:the\\s+)?(?=\\p{L})`,
  'giu',
);
const ENDS =
  /[,;:.!?()]|\s(?:and|with|then|in|into|to|till|until|for|on|over|or|at|plus|from|by|that|which)\s/i;
/** As much of this as of that. */
const SAME = /\b(?:the )?same (?:amount |weight |quantity )?(?:of )?(?:the )?/gi;
const ANOTHER_KIND =
  /^(?:minutes?|mins?|hours?|hrs?|seconds?|secs?|degrees?|cm|mm|inch|days?|times?|batches|halves|pieces|slices|rounds|balls|tins?\b|tray|bowl|litre basin|spoon|fork)/i;

const SHORTEST = 3;

/** The stretch of a text from an amount to where its thing ends. */
function stretch(text: string, from: number, after: number): string {
  const rest = text.slice(after);
  const end = ENDS.exec(rest);
  return text.slice(from, after + (end ? end.index : rest.length)).trim();
}

/**
 * The foods with amounts that sentences name: "cream 150 g butter with the same of sugar" is butter and as much sugar. What has
 * no amount is left to the method.
 */
export function readProse(source: string, reader: Scales): Pick<Line, 'items' | 'measuredBy' | 'aside'> {
  const text = cleanLine(source);
  const found: { at: number; item: Item; words: string }[] = [];
  for (const match of text.matchAll(AMOUNT)) {
    const after = match.index + match[0].length;
    const words = stretch(text, match.index, after);
    if (words.length < SHORTEST || ANOTHER_KIND.test(text.slice(after))) continue;
    const [named] = namedIn(text.slice(after, match.index + words.length), reader.catalogue);
    if (!named) continue;
    const [item] = readLine(words, reader).items;
    if (item?.ingredient && item.match === 'exact' && item.grams)
      found.push({ at: match.index, item, words });
  }
  for (const match of text.matchAll(SAME)) {
    const before = found.filter(({ at }) => at < match.index).at(-1);
    const [named] = namedIn(
      text.slice(match.index + match[0].length, match.index + match[0].length + 30),
      reader.catalogue,
    );
    if (!before || !named) continue;
    const measure = /^[\d./]+\s*[a-z]*/i.exec(before.words)?.[0] ?? '';
    const [item] = readLine(`${measure} ${named.words}`, reader).items;
    if (item?.ingredient) found.push({ at: match.index, item, words: match[0] });
  }
  const items = found.sort((a, b) => a.at - b.at).map(({ item }) => item);
  return { items, measuredBy: items.length > 0 ? 'weight' : null, aside: false };
}
