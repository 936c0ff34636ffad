import { CARD_PART, CHAT, rowsOf, type Line } from '../read';
import { PICTURES } from '../vocabulary';

/** Marks of a list before the author's words. */
const MARKS = new RegExp(
  `^(?:[*•‣▢◦·●○■□▪▫◆◇►▸▹➤➔➡→✓✔☐☑»›⁃–—-]\\uFE0F?\\s+|\\[ ?[xX]?\\]\\s+|\\d{1,2}[.)]\\s+(?=\\d)|${PICTURES}\\s*)+`,
  'u',
);
/** "To finish: cocoa": its part says that above it. */
const SAYS_WHAT_FOR =
  /^(?:to (?:finish|serve|decorate|dust|glaze|coat|top)|for (?:the )?\p{L}[\p{L} ]{2,20}):\s+(?=\S)/iu;
/** A line without its marks and what it is for; a food before a colon ("butter : 150 g") is its name. */
export const tidy = ({ source, items }: Pick<Line, 'source' | 'items'>): string =>
  rowsOf(source)
    .join(', ')
    .trim()
    .replace(CHAT, '')
    .replace(MARKS, '')
    .replace(/\*\*|__/g, '')
    .replace(SAYS_WHAT_FOR, '')
    .replace(CARD_PART, (label) => (items.some(({ words }) => label.includes(words)) ? label : ''))
    .replace(/\s+/g, ' ')
    .trim();
