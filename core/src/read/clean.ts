import { BULLETS, PICTURES } from '../vocabulary';
import { withPartSign } from './partSign';
import { remembered } from './remember';

/** Longer lines aren't ingredients, and the quantity parser's time grows with their square. */
export const MAX_LINE = 300;

const BULLET = new RegExp(
  `^(?:${BULLETS}\\s+|${PICTURES}\\s*(?=[\\p{L}\\d(½⅓⅔¼¾])|\\d{1,2}[).]\\s+(?=\\d))+`,
  'u',
);
/** "3 eggs [ ]": a box to tick. */
export const TICK_BEHIND = /\s*\[ ?[xX]?\]\s*$/;
/** Who wrote it, and when, before each line of a chat. */
export const CHAT = /^\[\d[\d/.,:\s-]{2,20}(?:[ap]m)?\]\s*\p{L}[\p{L} .]{0,20}:\s+/iu;
/** "**Light** zest of 1 orange": a part's name in bold leads its list. */
const BOLD_PART = /^\W*\*\*(\p{L}[\p{L} ]{1,30}?):?\*\*:?\s+(?=\d|[½¼¾⅓⅔]|(?:zest|juice|pinch|an?|half)\b)/iu;
/** A digit in a box is a number of the list. */
const BOXED_DIGIT = /(\d)\uFE0F?\u20E3/gu;
/** "~5 tbsp water". */
const ABOUT = /(?<=^|[\s,(])~ ?(?=\d)/g;
/** Words before an amount that change nothing of it. */
const LOOSELY =
  /^(?:(?:about|approx\.?|approximately|roughly|around|circa|ca\.?|optional\s*:?|ingredients?\s*:|plus|also(?= \d)|\+)\s+)+(?=[\d¼½¾⅓⅔⅛a-z])/i;
/** What a card's line is for, before its list: "CRUST: 24 wafers, …". */
export const CARD_PART = /^\p{L}[\p{L} ]{1,30} ?:\s+(?=(?:\d|pinch\b))/iu;
const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅐': '1/7',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅑': '1/9',
  '⅒': '1/10',
};
const DIGIT_ZEROS = [0x660, 0x6f0, 0x966, 0xff10];

function plainDigit(char: string): string {
  const code = char.codePointAt(0) ?? 0;
  const zero = DIGIT_ZEROS.find((start) => code >= start && code <= start + 9);
  return zero === undefined ? char : String(code - zero);
}

/** What any keyboard types has one kind of each sign already, and no accents. */
export const TYPED = /^[\x20-\x5f\x61-\x7e]*$/;

/** One kind of space, of dash, of quote, of digit and of fraction. */
function plainSigns(source: string): string {
  if (TYPED.test(source)) return source;
  return source
    .toWellFormed()
    .replace(BOXED_DIGIT, '$1.')
    .replace(/[٠-٩۰-۹०-९０-９]/gu, plainDigit)
    .replace(/[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅐⅛⅜⅝⅞⅑⅒]/gu, (glyph) => ` ${VULGAR[glyph] ?? glyph}`)
    .replace(/[⁄∕]/gu, '/')
    .replace(/[’‘`´]/gu, "'")
    .replace(/[“”]/gu, '"')
    .replace(/[–—−]/gu, '-')
    .replace(/\p{Cc}|\p{Zs}|\p{Cf}/gu, ' ');
}

/** A scanned card has the letter l for the figure 1: "l l/2 c. flour", "l egg". */
const UNITS = '(?:c|t|T|tsps?|tbsps?|tbs|lbs?|oz|pkgs?|cups?|eggs?|cans?|sticks?|pts?|qts?)';
const SCANNED_ONE = new RegExp(
  `(?<![\\p{L}\\d])l(?=\\/\\d)|(?<=^\\W*|\\s{2}|[,:(] )l(?= (?:[1l]\\/\\d|${UNITS}\\b))|(?<=^\\s*)l(?= \\p{L})`,
  'gu',
);
export const unscanned = (source: string): string => source.replace(SCANNED_ONE, '1');

function clean(source: string): string {
  const line = plainSigns(unscanned(source))
    .replace(/\s+/g, ' ')
    .replace(BOLD_PART, '$1: ')
    .replace(/\*\*/g, '')
    .trim()
    .replace(CHAT, '');
  return withPartSign(line)
    .replace(BULLET, '')
    .replace(TICK_BEHIND, '')
    .replace(ABOUT, 'about ')
    .replace(LOOSELY, '')
    .replace(/(?<![\d/.])([1-9]\d?)-([1-9])\/([2-9])(?!\d)/g, '$1 $2/$3')
    .replace(/(\d)\s+\/\s+(\d)/g, '$1/$2')
    .replace(/(\d) (?:&|and) (?=[1-7]\/[2-8](?!\d))/g, '$1 ');
}

/** The lines of a thousand recipes: reading and guarding look at each several times. */
const MOST_LINES = 20_000;

/**
 * A line made plain for reading: one kind of space, of dash, of quote, of digit and of fraction; no bullet. The source is
 * kept elsewhere as it was written.
 */
export const cleanLine = remembered(clean, MOST_LINES);

/** A text with something as long in the place of words that name another thing, so that what is left stays where it stands. */
export const blanked = (text: string, words: RegExp): string =>
  text.replace(words, (found) => '·'.repeat(found.length));
