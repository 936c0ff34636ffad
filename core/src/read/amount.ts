import { parseIngredient, type Ingredient } from 'parse-ingredient';
import type { Range } from '../quantity';
import { multiplyRanges, range } from '../quantity';
import { KITCHEN_UNITS, SPELLINGS, STRETCH, STRETCH_CUP } from './data/units';
import { numbersFromWords } from './numberWords';
import { rememberedTogether } from './remember';

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
  `^(\\D*[\\d./ -]*?\\b)?(${Object.keys(STRETCH).join('|')}|very full)\\s+(?=[\\d/.]|cups?\\b|c\\b|tb|ta|ts|te|dessert|handful|pinch|knob|pounds?\\b|lbs?\\b|kilos?\\b|pints?\\b)`,
  'i',
);
/** Words that the parser takes for a unit; for us they are sizes of a piece. */
const SIZES = new Set(['large', 'medium', 'small', 'piece', 'head', 'ear', 'clove']);
const PARSING = {
  round: false as const,
  additionalUOMs: KITCHEN_UNITS,
  groupHeaderPatterns: [],
  rangeSeparators: ['to', 'or', '-'],
};
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

/** "200g-225g" says its unit twice. */
const TWICE = /^(\d+(?:[.,]\d+)?)\s*(g|kg|ml|cl|dl|oz|lb)\s*(?:-|–|—|to)\s*(\d+(?:[.,]\d+)?)\s*\2\b/i;

/** "100% dark chocolate" and "2% milk" begin with no amount of anything. */
const shielded = (text: string) => text.replace(/^(\d+(?:\.\d+)?)\s?%/, '¤$1¤');
const unshielded = (text: string) => text.replace(/¤(\d+(?:\.\d+)?)¤/, '$1%');

/** A text as the parser is asked about it. */
interface Asked {
  readonly text: string;
  readonly words: string;
  readonly factor: Range;
  readonly separator: ',' | '.';
}

/** What the parser is to be asked of each text; null: nothing, without a figure its work is for nothing. */
function askedOf(text: string): Asked | null {
  const { text: words, factor } = stretch(
    numbersFromWords(spelled(shielded(text.replace(TWICE, '$1-$3 $2')))),
  );
  if (!/\d/.test(words) || NOT_AN_AMOUNT.test(words) || /^-\s*\d/.test(words)) return null;
  return { text, words, factor, separator: DECIMAL_COMMA.test(words) ? ',' : '.' };
}

const none = (text: string): Amount => ({ quantity: null, unit: null, words: text });

function answered({ text, factor }: Asked, parsed: Ingredient | undefined): Amount {
  if (!parsed || parsed.quantity === null || !(parsed.quantity >= 0) || parsed.quantity > MOST)
    return none(text);
  const high = parsed.quantity2 !== null && parsed.quantity2 <= MOST ? parsed.quantity2 : parsed.quantity;
  const low = parsed.quantity;
  const quantity = multiplyRanges(range((low + high) / 2, Math.min(low, high), Math.max(low, high)), factor);
  const size = parsed.unitOfMeasureID !== null && SIZES.has(parsed.unitOfMeasureID);
  const words = size ? `${parsed.unitOfMeasure ?? ''} ${parsed.description}` : parsed.description;
  return { quantity, unit: size ? null : parsed.unitOfMeasureID, words: unshielded(words).trim() };
}

/** Each text's amount. The parser builds its patterns at every call: many texts are asked about in one. */
function readOnce(texts: readonly string[]): Amount[] {
  const asked = texts.map(askedOf);
  const found = new Map<Asked, Amount>();
  for (const separator of ['.', ','] as const) {
    const those = asked.filter((one) => one?.separator === separator) as Asked[];
    if (those.length === 0) continue;
    const parsed = parseIngredient(
      those.map(({ words }) => words),
      { ...PARSING, decimalSeparator: separator, includeMeta: true },
    );
    for (const one of parsed)
      found.set(those[one.meta!.sourceIndex]!, answered(those[one.meta!.sourceIndex]!, one));
  }
  return asked.map((one, at) => (one && found.get(one)) ?? none(texts[at]!));
}

/** The parser needs a thing after the unit: "1 cup" by itself is a piece called cup. */
const mayBeUnitAlone = ({ unit, quantity, words }: Amount) =>
  unit === null && quantity !== null && /^[\p{L}. ]{1,14}$/u.test(words);

function readWhole(texts: readonly string[]): Amount[] {
  const read = readOnce(texts);
  const bare = texts.filter((_, at) => mayBeUnitAlone(read[at]!));
  if (bare.length === 0) return read;
  const alone = new Map(readOnce(bare.map((text) => `${text} ${THING}`)).map((one, at) => [bare[at]!, one]));
  return read.map((amount, at) => {
    const one = alone.get(texts[at]!);
    return one && one.unit !== null && one.words === THING ? { ...one, words: '' } : amount;
  });
}

/**
 * Reads one amount: "1 1/2 cups flour", "Butter 200g", "3 heaped tbsp cocoa", "3-4 eggs". The quantity and the unit are
 * the quantity parser's; a range keeps both ends. Negative and absurd quantities count as none.
 */
export const readAmount = (text: string): Amount => amounts.of(text);

/** Reads many amounts at one go, for a fraction of the time: those of them that are then asked for are known. */
export const readAmounts = (texts: readonly string[]): void => amounts.learn(texts);

const amounts = rememberedTogether(readWhole, MOST_TEXTS);
