import { parseIngredient } from 'parse-ingredient';
import type { Range } from '../quantity';
import { multiplyRanges, range } from '../quantity';
import { KITCHEN_UNITS, SPELLINGS, STRETCH, STRETCH_CUP } from './data/units';
import { numbersFromWords } from './numberWords';
import { remembered } from './remember';

/** How much, of what unit, and the words that are left. A null quantity: the text gives none. */
export interface Amount {
  readonly quantity: Range | null;
  /** A unit id of the quantity parser or of the kitchen's own; null for pieces. */
  readonly unit: string | null;
  readonly words: string;
}

const DECIMAL_COMMA = /(?<![\d.])(?:0,\d{1,3}|\d{1,4},\d{1,2})(?!\d)/;
const MOST = 1e6;
/** A line is looked at for its sort and again for its weight. */
const MOST_TEXTS = 8000;
const THING = '¤thing';
const STRETCHED = new RegExp(
  `^(\\D*[\\d./ -]*?\\b)?(${Object.keys(STRETCH).join('|')}|very full)\\s+(?=[\\d/.]|cups?\\b|c\\b|tb|ta|ts|te|dessert|handful|pinch|knob)`,
  'i',
);
/** Words that the parser takes for a unit; for us they are sizes of a piece. */
const SIZES = new Set(['large', 'medium', 'small', 'piece', 'head', 'ear', 'clove']);
/** Temperatures, lengths and shares aren't amounts of food. */
const NOT_AN_AMOUNT = /^[\d./]+\s*(?:°|%|cm\b|mm\b|inch|in\b|")/i;

function stretch(text: string): { text: string; factor: Range } {
  const match = STRETCHED.exec(text);
  const word = match?.[2]?.toLowerCase();
  if (!match || !word) return { text, factor: range(1) };
  const rest = text.slice(0, match[1]?.length ?? 0) + text.slice(match[0].length);
  const tall =
    word.startsWith('heap') && /\b(?:cups?|c)\b/i.test(text.slice(match[0].length, match[0].length + 8));
  return { text: rest.trim(), factor: range(...(tall ? STRETCH_CUP : (STRETCH[word] ?? [1, 1, 1]))) };
}

/** Units as people spell them, as the parser knows them. */
const spelled = (text: string) =>
  SPELLINGS.reduce((words, [pattern, unit]) => words.replace(pattern, unit), text);

/** "100% dark chocolate" and "2% milk" begin with no amount of anything. */
const shielded = (text: string) => text.replace(/^(\d+(?:\.\d+)?)\s?%/, '¤$1¤');
const unshielded = (text: string) => text.replace(/¤(\d+(?:\.\d+)?)¤/, '$1%');

/**
 * Reads one amount: "1 1/2 cups flour", "Butter 200g", "3 heaped tbsp cocoa", "3-4 eggs". The quantity and the unit are
 * the quantity parser's; a range keeps both ends. Negative and absurd quantities count as none.
 */
export const readAmount = remembered(readWhole, MOST_TEXTS);

function readWhole(text: string): Amount {
  const amount = readOnce(text);
  // The parser needs a thing after the unit: "1 cup" by itself is a piece called cup.
  if (amount.unit !== null || amount.quantity === null || !/^[\p{L}. ]{1,14}$/u.test(amount.words))
    return amount;
  const alone = readOnce(`${text} ${THING}`);
  return alone.unit !== null && alone.words === THING ? { ...alone, words: '' } : amount;
}

function readOnce(text: string): Amount {
  const worded = numbersFromWords(spelled(shielded(text)));
  const stretched = stretch(worded);
  // The parser's work grows with every unit that it knows: without a figure there is nothing for it.
  if (!/\d/.test(stretched.text) || NOT_AN_AMOUNT.test(stretched.text) || /^-\s*\d/.test(stretched.text))
    return { quantity: null, unit: null, words: text };
  const comma = DECIMAL_COMMA.test(stretched.text);
  const [parsed] = parseIngredient(stretched.text, {
    decimalSeparator: comma ? ',' : '.',
    round: false,
    additionalUOMs: KITCHEN_UNITS,
    groupHeaderPatterns: [],
    rangeSeparators: ['to', 'or', '-'],
  });
  if (!parsed || parsed.quantity === null || !(parsed.quantity >= 0) || parsed.quantity > MOST)
    return { quantity: null, unit: null, words: text };
  const high = parsed.quantity2 !== null && parsed.quantity2 <= MOST ? parsed.quantity2 : parsed.quantity;
  const low = parsed.quantity;
  const quantity = multiplyRanges(
    range((low + high) / 2, Math.min(low, high), Math.max(low, high)),
    stretched.factor,
  );
  const size = parsed.unitOfMeasureID !== null && SIZES.has(parsed.unitOfMeasureID);
  const words = size ? `${parsed.unitOfMeasure ?? ''} ${parsed.description}` : parsed.description;
  return { quantity, unit: size ? null : parsed.unitOfMeasureID, words: unshielded(words).trim() };
}
