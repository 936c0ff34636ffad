import { SHELL_SHARE } from './data/eggs';
import type { Scales } from './grams';
import { readLine } from './line';
import { namedIn } from './named';
import type { Item } from './types';

/** A food of a sentence and where it is named. */
export interface Named {
  readonly at: number;
  readonly item: Item;
}

/** As much of this as of that: "with the same of sugar", "the same weight each of butter and flour", "their weight in sugar". */
const AS_MUCH = [
  /\b(?:the )?same(?: (?:amount|weight|quantity))?(?: each)?(?: (?:of|in))?(?: each(?: of)?)?(?: the)?\s/gi,
  /\b(?:their|its) (?:own )?weights? (?:each )?(?:in|of)(?: each(?: of)?)?\s/gi,
  /\bequal (?:weights?|amounts?|quantit(?:y|ies)) (?:each )?(?:of|in)(?: each(?: of)?)?\s/gi,
  /\b(?:the )?weight of the eggs (?:each )?(?:in|of)(?: each(?: of)?)?\s/gi,
];
const ENDS = /[.;:!?]\s|[.;:!?]$|\s(?:then|till|until|and (?=(?:beat|whisk|mix|stir|add|fold)\b))/i;
const BETWEEN = /\s*,\s*(?:and\s+)?|\s+(?:and|&|\+)\s+/i;
const BEGINS =
  /^\W*(?:(?:the )?same\b|(?:their|its)(?: own)? weights?\b|equal\b|(?:the )?weight of the eggs\b)/i;
/** "(about 225 g)": what it comes to, where the writer has weighed it. */
const COMES_TO =
  /\((?:about|approx\.?|approximately|ca\.?|around|roughly|(?:mine|it|that|this) (?:is|was|were|weighed|comes? to|came to))?\s*(\d+)\s?g(?:r|rams?)?\b[^)]*\)/i;
/** "Mine said 240 g." */
const SCALE_SAID =
  /\b(?:mine|they|these|the scales?) (?:said|say|weigh(?:ed)?|came to|come to|showed) (?:about )?(\d+) ?g\b/i;
const IN_SHELLS = /\bin (?:their|the) shells?\b/i;
const STARTS_WITH_AMOUNT = /^(?:an?|half|one|two|three|four|\d)\b/i;
/** So many characters may stand around a food's name: "very soft butter". */
const MOST_AROUND = 24;

/** Grams of what the others are measured by. */
function weightOf({ item }: Named, text: string): number | null {
  if (!item.grams) return null;
  const bare = item.grams.central;
  return item.ingredient === 'egg' && IN_SHELLS.test(text) ? bare / (1 - SHELL_SHARE) : bare;
}

/** The foods that follow, up to what is no food or has an amount of its own. */
function listAfter(text: string, reader: Scales): string[] {
  const end = ENDS.exec(text);
  const names: string[] = [];
  for (const piece of text.slice(0, end ? end.index : text.length).split(BETWEEN)) {
    const plain = piece.replace(/\([^)]*\)?/g, ' ').trim();
    // "The same of butter, the same of sugar": each is said by itself.
    if (names.length > 0 && BEGINS.test(plain)) break;
    const [named] = STARTS_WITH_AMOUNT.test(plain) ? [] : namedIn(plain, reader.catalogue);
    if (!named || named.from > MOST_AROUND) break;
    names.push(named.words);
  }
  return names;
}

/** What a line of a list gives as much of as of the line before it: "4 eggs", "the same weight of butter and sugar". Empty where it is none. */
export function asMuchAsBefore(
  whole: string,
  before: { readonly source: string; readonly item: Item } | null,
  reader: Scales,
): Item[] {
  // "The same weight of treacle as butter" is measured by that, which may stand anywhere.
  if (!BEGINS.test(whole) || /\bas\b/i.test(whole)) return [];
  const grams = before && weightOf({ at: 0, item: before.item }, `${before.source} ${whole}`);
  const said = COMES_TO.test(whole) || grams === null ? whole : `${whole} (about ${Math.round(grams)} g)`;
  return asMuchOf(said, [], reader).map(({ item }) => item);
}

/** True for words that measure one food by another. */
export const saysAsMuch = (text: string): boolean => AS_MUCH.some((pattern) => text.search(pattern) >= 0);

/** What a sentence gives as much of as of what stands before it. `found`: what it gives with amounts. */
export function asMuchOf(text: string, found: readonly Named[], reader: Scales): Named[] {
  return AS_MUCH.flatMap((pattern) => [...text.matchAll(pattern)]).flatMap((match) => {
    // "Or the same of plain flour" is instead of it.
    if (/\bor\s*$/i.test(text.slice(0, match.index))) return [];
    const behind = text.slice(match.index + match[0].length);
    const before = found.filter(({ at }) => at < match.index).at(-1);
    const said = COMES_TO.exec(behind)?.[1] ?? SCALE_SAID.exec(text)?.[1];
    const grams = said ? Number(said) : before ? weightOf(before, text) : null;
    if (grams === null) return [];
    return listAfter(behind, reader).flatMap((words, n) => {
      const [item] = readLine(`${Math.round(grams)} g ${words}`, reader).items;
      return item?.ingredient ? [{ at: match.index + n / 100, item }] : [];
    });
  });
}
