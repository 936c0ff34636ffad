import { remembered } from './remember';

/** Those that lists count in. */
export const NUMBERS_IN_WORDS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
};
const PARTS: Readonly<Record<string, number>> = {
  half: 0.5,
  third: 1 / 3,
  quarter: 0.25,
  thirds: 2 / 3,
  quarters: 0.75,
};
const NUMBER = Object.keys(NUMBERS_IN_WORDS).join('|');
const AND_PART = new RegExp(`^(${NUMBER}|\\d+) and (?:a |one[- ])?(half|third|quarter)\\b`, 'i');
const IN_WORDS = new RegExp(`^(${NUMBER})\\b(?![- ]grain)`, 'i');
/** "Butter the size of an egg": how amounts were written before scales were common. */
const SIZE_OF =
  /^(?:an? )?(?:piece|lump|knob)?(?: of )?(\p{L}[\p{L} ]*?),? (?:about )?(?:the )?size of an? (egg|walnut)\b/iu;

/** A line is looked at as one of a page, as phrases and as food. */
const MOST_TEXTS = 8000;

/** Numbers in words made digits, at the start of an amount: "two and a half cups" → "2.5 cups", "a dozen eggs" → "12 eggs". */
export const numbersFromWords = remembered(fromWords, MOST_TEXTS);

function fromWords(text: string): string {
  const decimal = (value: number) => String(Number(value.toFixed(4)));
  return text
    .replace(/^an? (?=\d)/i, '')
    .replace(SIZE_OF, (_, what: string, like: string) => `1 ${like.toLowerCase()}-sized lump ${what}`)
    .replace(/^(?:the )?(?:scraped )?seeds (?:of|from) (?=\d|an?\b|one\b|half\b)/i, '')
    .replace(/^(?:an? )?few drops\b/i, '3 drops')
    .replace(/^(?:an? )?(?:large|big|small|tiny) (?=pinch|handful|knob)/i, '1 ')
    .replace(
      /^(?:an? )?(?=(?:heaped |heaping |level |rounded |scant |generous |good )?(?:teaspoon|tablespoon|dessertspoon|tsp|tbsp|pinch|dash|knob|handful|splash|drizzle|glug)(?: of)? |(?:mug|cup|spoon)(?:ful)? of (?!the\b))/i,
      '1 ',
    )
    .replace(AND_PART, (_, whole: string, part: string) =>
      decimal((NUMBERS_IN_WORDS[whole.toLowerCase()] ?? Number(whole)) + (PARTS[part.toLowerCase()] ?? 0)),
    )
    .replace(
      /^(?:a |one[- ])?(half|quarter|third) (?:a |an |of a |of an |of )?/i,
      (_, part: string) => `${decimal(PARTS[part.toLowerCase()] ?? 1)} `,
    )
    .replace(/^(two|three)[- ](thirds|quarters)(?: of an?| of)?/i, (_, _n: string, part: string) =>
      decimal(PARTS[part.toLowerCase()] ?? 1),
    )
    .replace(/^(?:a|one) dozen\b/i, '12')
    .replace(IN_WORDS, (word) => String(NUMBERS_IN_WORDS[word.toLowerCase()]))
    .replace(
      /^(?:a|an) (?=(?:scant |heaped |generous |good |small |large )?(?:cup|tablespoon|tbsp|teaspoon|tsp|pinch|dash|handful|knob|drop|splash|stick|sprig|packet|sachet|tin|can|jar|pint|gill|quart|shot|few|pounds?|lb|ounce|oz|kilo|kg|litre|liter|mug|pot|tub|carton|block|bar|bag|ball)\b)/i,
      '1 ',
    )
    .replace(/^an? (?=(?:beaten |whole |ripe )?(?:egg|apple|banana|lemon|orange|pear))/i, '1 ');
}

const ANYWHERE = new RegExp(`\\b(${NUMBER})\\b`, 'gi');

/** Every number in words made digits, wherever it stands: "eight slices, or two" → "8 slices, or 2". */
export const digitsFromWords = (text: string): string =>
  text.replace(ANYWHERE, (word) => String(NUMBERS_IN_WORDS[word.toLowerCase()]));
