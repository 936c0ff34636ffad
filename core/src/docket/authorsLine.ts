import { CARD_PART, CHAT, rowsOf, TICK_BEHIND, type Line } from '../read';
import { BULLETS, PICTURES } from '../vocabulary';

/** Marks of a list before the author's words. */
const MARKS = new RegExp(`^(?:${BULLETS}\\s+|\\d{1,2}[.)]\\s+(?=\\d)|${PICTURES}\\s*)+`, 'u');
/** "To finish: cocoa": its part says that above it. */
const SAYS_WHAT_FOR =
  /^(?:to (?:finish|serve|decorate|dust|glaze|coat|top)|for (?:the )?\p{L}[\p{L} ]{2,20}):\s+(?=\S)/iu;
/** "Porridge oats 60", of a list that weighs in grams. */
const BARE_GRAMS = /^(\p{L}[\p{L} '’-]*?)[ ,:–-]+(\d+)$/u;
/** A line without its marks and what it is for; a food before a colon ("butter : 150 g") is its name. */
export const tidy = ({
  source,
  wrapped = source,
  items,
}: Pick<Line, 'source' | 'wrapped' | 'items'>): string =>
  rowsOf(wrapped)
    .join(', ')
    .trim()
    .replace(CHAT, '')
    .replace(MARKS, '')
    .replace(TICK_BEHIND, '')
    .replace(/\*\*|__/g, '')
    .replace(SAYS_WHAT_FOR, '')
    .replace(CARD_PART, (label) => {
      const name = label.replace(/\s*:\s*$/, '');
      return items.some(({ words }) => label.includes(words) || words.startsWith(name)) ? label : '';
    })
    .replace(BARE_GRAMS, (all, name: string, grams: string) =>
      items.length === 1 && items[0]!.grams?.central === Number(grams) ? name : all,
    )
    .replace(/\s+/g, ' ')
    .trim();
