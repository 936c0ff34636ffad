import { readAmount } from './amount';
import { SHORTHAND } from './data/shorthand';
import { MODIFIERS, NAME_ENDS } from './data/modifiers';
import { tokensOf } from './names';
import { listInEnglish } from './otherLanguages';
import { numbersFromWords } from './numberWords';
import { remembered } from './remember';

/** A stretch of a line that is read by itself. `aside`: for the tin, the bench or the plate; `alternative`: instead of what stands before it. */
export interface Phrase {
  readonly text: string;
  readonly as: 'food' | 'aside' | 'alternative';
}
/** True for words that name a food. */
export type Knows = (words: string) => boolean;

/** What a catalogue says of words. */
export interface Ears {
  readonly knows: Knows;
  /** There is a food among them. */
  readonly mentions: Knows;
}

const UNITS =
  '(?:kg|g|gr|grams?|mls?|l|litres?|dl|cl|cups?|c\\.?|tbsps?\\.?|tbs\\.?|tablespoons?|T\\.?|tsps?\\.?|teaspoons?|t\\.?|dsp|dessertspoons?|oz\\.?|ounces?|lbs?\\.?|pounds?|pints?|sticks?|pinch(?:es)?|krm|msk|tsk|coffee ?spoons?|handfuls?|knobs?|spoons?|spoonfuls?)';
const NUMBER =
  '(?:\\d[\\d.,/]*(?: \\d/\\d)?(?: ?(?:-|to|or) ?\\d[\\d.,/]*(?: \\d/\\d)?)?|an?|half an?|half(?= (?:cup|c|tsp|tbsp|teaspoon|tablespoon|pound|lb|pint|kilo)\\b)|quarter(?= (?:cup|tsp|pound|lb|pint)\\b)|one|two|three|four)';
const AMOUNT = `(?:about |approx\\.? |ca\\.? |around )?${NUMBER} ?(?:heaped |heaping |level |rounded |scant |generous |good )?${UNITS}(?![\\p{L}])`;

const amountIn = (text: string) => readAmount(numbersFromWords(text));
/** "2 oz/55 g walnuts". */
const SECOND_MEASURE = /(?<=\d ?\p{L}{1,3}\.?) ?\/ ?\d[\d.,]* ?\p{L}{1,3}\b\.?(?= )/u;
/** The name that a stretch has, its amount taken off. */
const nameOf = (text: string) =>
  amountIn(text.replace(/\([^)]*\)/g, ' ').replace(SECOND_MEASURE, '')).words.trim();

/** Words that say how something is prepared, or what for, and name nothing: "chopped small", "in chunks", "the rest whole". */
export const onlyDescribes = (words: string): boolean =>
  tokensOf(
    words
      .replace(/\bthe rest\b/i, '')
      .replace(/^(?:in|for|to)\s.*$/i, '')
      .replace(NAME_ENDS, ''),
  ).every((token) => MODIFIERS.has(token));

const SHARED = new RegExp(
  `^((?:${NUMBER})\\s?[^,;]*?(?:\\([^)]*\\))?)\\s+each\\b(?!\\s*[,)(]|$)\\s*(?:of\\s+)?(.+)$`,
  'iu',
);
const SHARED_BEHIND = new RegExp(`^(.+?),? (${AMOUNT}) each$`, 'iu');
const LIST = /\s*,\s*(?:and\s+)?|\s+(?:and|&|\+)\s+/i;

/** "50 g each of butter, sugar and flour" is three things. */
function sharedAmount(text: string, knows: Knows): string[] {
  if (!/\beach\b/i.test(text)) return [text];
  const ahead = SHARED.exec(text);
  const behind = ahead ? null : SHARED_BEHIND.exec(text);
  const [amount, list] = ahead ? [ahead[1]!, ahead[2]!] : behind ? [behind[2]!, behind[1]!] : ['', ''];
  if (amount === '' || !amountIn(`${amount} sugar`).quantity) return [text];
  const names = list.split(LIST).filter((name) => name !== '');
  const last = names.at(-1)!.split(' ').at(-1)!;
  const full = names.map((name) => {
    const plain = name.replace(/\([^)]*\)/g, ' ').trim();
    return !knows(plain) && knows(`${plain} ${last}`) ? `${plain} ${last}` : name;
  });
  return full.length > 1 ? full.map((name) => `${amount} ${name}`) : [text];
}

const MIXED = new RegExp(
  `^(${AMOUNT})(?: \\([^)]*\\))? (?:mixed )?(.+?) (?:and|&) (\\p{L}+)(,? (?:mixed|half and half))?(?:,.*)?$`,
  'iu',
);
/** "½ pint milk & water": it is mixed, without a word of it. */
const MILK_AND_WATER =
  /(?<=\p{L} )(?:milk (?:and|&|\+) water|water (?:and|&|\+) milk)\b(?!,? mixed)|\bhalf milk,? (?:and )?half water\b/iu;
/** "4 oz lard and butter mixed" is half of it of each. */
function halfOfEach(said: string, knows: Knows): string[] {
  const text = said.replace(MILK_AND_WATER, 'milk and water mixed');
  if (!/\bmixed\b|\bhalf and half\b/i.test(text) || /\beach\b|\bmixed (?:spices?|peel)\b/i.test(text))
    return [said];
  const [, amount = '', one = '', other = ''] = MIXED.exec(text) ?? [];
  const { quantity } = amountIn(`${amount} sugar`);
  const unit = /\p{L}+\.?$/u.exec(amount)?.[0];
  if (!quantity || !unit || !knows(one) || !knows(other)) return [said];
  return [one, other].map((name) => `${quantity.central / 2} ${unit} ${name}`);
}

const AT_THE_END = new RegExp(
  `^([^\\d(]+?)\\s*(?:[,:–-]|\\s)\\s*(${AMOUNT})((?:\\s*[,(+].*|\\s+(?:plus|and|or|fresh|in|for|soft(?:ened)?|packed|melted|cold|chopped|sifted|heaped|level|beaten|ripe|mashed|grated|cubed|diced|toasted|sliced)\\b.*)?)$`,
  'iu',
);
const LOOSELY = /^(?:about|approx\.?|ca\.?|around) /i;
const BARE_AT_THE_END = /^([^\d(]+?)((?: \([^()\d]*\))?)\s*[,:-]?\s+(\d+(?:-\d+)?)$/;
/** A bare number after a name is grams, unless it can be a count. */
const MOST_COUNTED = 24;

/** "Cold butter, cubed: 120 g" has its amount last. */
function amountFirst(text: string, knows: Knows): string {
  if (/^\d/.test(text)) return text;
  const measured = AT_THE_END.exec(text);
  if (measured) {
    const [, name = '', amount = '', rest = ''] = measured;
    const [head = '', ...prepared] = name.split(/,\s*/);
    if (knows(name) || knows(head))
      return `${amount.replace(LOOSELY, '')} ${[head, ...prepared].join(', ')}${rest.startsWith(' ') ? '' : ' '}${rest}`.trim();
  }
  const bare = BARE_AT_THE_END.exec(text);
  const [, name = '', bracket = '', number = ''] = bare ?? [];
  if (Number(number.split('-')[0]) > MOST_COUNTED && knows(name.split(',')[0]!))
    return `${number} g ${name}${bracket}`;
  return text;
}

const BARE_AHEAD = /^(\d{2,4})\s+(?=\p{L})/u;
const FEWEST_GRAMS = 50;

/** "200 flour": nobody counts so many of anything, it is grams. */
function bareGrams(text: string, knows: Knows): string {
  const bare = BARE_AHEAD.exec(text);
  if (!bare || Number(bare[1]) < FEWEST_GRAMS || amountIn(text).unit !== null) return text;
  const name = text.slice(bare[0].length);
  return knows(name.split(/[,(]|\s(?:\+|&)\s/)[0]!) ? `${bare[1]} g ${name}` : text;
}

/** "Glaze: icing sugar 150 g, lemon juice 2 tbsp": what such a list is for. */
const LISTED_FOR = /^\p{L}[\p{L} ]{1,30} ?:\s+(?=\p{L}[^,;\d]*\d[\d./-]*\s?\p{L})/u;

/** "Flour 300 g, butter 150 g, water 5 tbsp": a list with its amounts behind; itself where it is none. */
export function namesFirst(text: string, knows: Knows): string[] {
  if (/^\d/.test(text)) return [text];
  const pieces = text
    .replace(/ - \p{L}[\p{L} ]*$/u, '')
    .replace(LISTED_FOR, '')
    .split(/[,;]\s+/);
  const turned = pieces.map((piece) => amountFirst(piece, knows));
  const behind = turned.filter((piece, at) => piece !== pieces[at]).length;
  return pieces.length > 1 &&
    behind > 1 &&
    pieces.every((piece, at) => turned[at] !== piece || namesPinch(piece, knows))
    ? turned
    : [text];
}
const namesPinch = (piece: string, knows: Knows) =>
  knows(piece.replace(/\b(?:a )?pinch(?: of)?\b/i, '').trim());

const OR = new RegExp(`,?\\s+or(?: else)?\\s+(?=(?:${AMOUNT}|${NUMBER})\\s+\\p{L})`, 'iu');
const OR_IN_BRACKETS = /\(or (?:use )?([^)]*)\)/i;
const PURPOSE =
  /\b(?:for|to) (?:the |your |a |more )?(?:\w+ ){0,2}?(?:tins?|pans?|trays?|top|tops|bench|board|table|surface|work ?top|moulds?|griddle|paper|dish|dishes|ramekins?|baking sheets?|rolling|roll|dust|dusting|grease|greasing|sprinkle|sprinkling|coat|coating|brush|brushing|line|lining|decorate|finish|serve|serving|fry|frying|glaze|glazing|knead|kneading)\b/i;
/** "1 tbsp for the berries" is more of the same, and goes in with them. */
const FOR_SOMETHING = new RegExp(`^(${AMOUNT}) (?:for|to) (?:the )?\\p{L}`, 'iu');
const ADDED = new RegExp(
  `,?\\s*(?:\\+|\\bplus|\\band)\\s+(?=(?:about |another |an extra |extra )?${NUMBER}(?:[\\s\\p{L}]))`,
  'iu',
);
const MORE_ADDED =
  /,?\s*(?:\+|\bplus|\band|,)\s*(?:(?:about |another )?\d[^,();]*?\b(?:if|as) (?:needed|necessary|required|wanted)\b|extra|more|some|a bit|a little|a few|enough)\b(?:(?!,\s+\d)[^();])*/i;
/** "200 g white chocolate, 150 g of it broken up, the rest chopped": how some of it is wanted. */
const SOME_OF_IT = /,\s*(?:about )?[\d½¼¾][\d./]*\s*\p{L}{0,5}\.?\s+of (?:it|them|this|which)\b.*$/iu;
const WITH = new RegExp(
  `,?\\s+(?:(?:dissolved|mixed|beaten|blended|stirred|whisked|tossed|slaked|soaked|diluted|boiled|cooked|warmed|melted|made up)\\s+)?(?:in|into|with|w/)\\s+(?=${AMOUNT}\\s+(?:of\\s+)?\\p{L})`,
  'iu',
);

/** "Mixed with 2 tbsp sugar + 1 tsp cinnamon". */
const MORE_OF_A_MIX = new RegExp(`\\s+(?:\\+|and|&)\\s+(?=${AMOUNT}\\s)`, 'iu');
const IN_A_LIST = new RegExp(`,\\s+(?:${AMOUNT}|\\d+)\\s+\\p{L}`, 'iu');
const food = (text: string): Phrase => ({ text, as: 'food' });

/** "Zest and juice of 1 lemon" is of one. */
const OF_THE_SAME = /^\W*(?:(?:the|finely|grated) )*(?:zest|rind|peel|juice)\s*$/i;
/** "3 tbsp lemon juice + zest of 3 lemons". */
const OF_A_FRUIT =
  /,?\s*(?:\+|\bplus|(?<=\d[^,;]*)\band|&)\s+(?=(?:the )?(?:finely )?(?:grated )?(?:zest|rind|peel|juice) (?:of|from) (?:\d|an?\b|½|one|two|three|half))/i;
const MORE = /\s+(?:more|extra)$/i;
/** "100 g / 3½ oz caster sugar": the same in another measure. */
const MEASURED_TWICE = new RegExp(`^\\W*\\/\\s*${NUMBER}\\s?${UNITS}\\s+`, 'iu');
/** "60 g breadcrumbs + 2 tbsp for the tin": what is added has the name of what it is added to, and may be for the tin. */
function added(text: string, { knows, mentions }: Ears): Phrase[] {
  const fruit = OF_A_FRUIT.exec(text);
  if (fruit && fruit.index > 0 && !OF_THE_SAME.test(text.slice(0, fruit.index)))
    return [food(text.slice(0, fruit.index)), food(text.slice(fruit.index + fruit[0].length))];
  const at = ADDED.exec(text);
  // Of a list on one line each thing is asked by itself.
  if (!at || IN_A_LIST.test(text.slice(at.index + at[0].length))) return [food(text)];
  const first = text.slice(0, at.index);
  const second = text.slice(at.index + at[0].length).replace(/^(?:another|an extra|extra) /i, '');
  const purpose = PURPOSE.exec(second);
  const before = purpose ? second.slice(0, purpose.index).replace(/[,\s]+$/, '') : second;
  const name = nameOf(first).replace(MEASURED_TWICE, '').split(',')[0]!.trim();
  if (name === '') return [food(text)];
  const last = /[\p{L}-]+$/u.exec(nameOf(second))?.[0] ?? '';
  if (!knows(name) && knows(`${name} ${last}`)) return [food(`${first} ${last}`), food(second)];
  // A name with an amount in it is several.
  if (/[\d;]/.test(name) || !mentions(name)) return [food(text)];
  const own = nameOf(before);
  if (own === '' && purpose === null) return [food(first), food(`${second} ${name}`)];
  if (purpose && (own === '' || !knows(own)))
    return [food(first), { text: `${before.replace(MORE, '')} ${name}`, as: 'aside' }];
  if (purpose) return [food(first), { text: before, as: 'aside' }];
  const use = FOR_SOMETHING.exec(second);
  if (use) return [food(first), food(`${use[1]} ${name}`)];
  return [food(text)];
}

/** "In 120 ml milk till thick, cooled." */
const UNTIL_THEN = /\s+(?:till|until)\b.*$/i;
/** "2 tsp coffee in 1 tbsp hot water", "1 egg, beaten with 1 tsp vinegar": two things. */
function together(text: string, knows: Knows): string[] {
  if (!/\b(?:in|into|with)\b/i.test(text)) return [text];
  const at = WITH.exec(text);
  if (!at) return [text];
  const [first, second] = [
    text.slice(0, at.index),
    text.slice(at.index + at[0].length).replace(UNTIL_THEN, ''),
  ];
  const name = nameOf(second).split(/,|\b(?:to make|(?:stirred|mixed|whisked) in|added)\b/)[0]!;
  const others = second.split(MORE_OF_A_MIX);
  return amountIn(first).quantity !== null && knows(name.split(MORE_OF_A_MIX)[0]!.trim())
    ? [first, ...others]
    : [text];
}

const PACK_SHARE =
  /^(\d*\.\d+|\d+\/\d+)\s*(?:x|×|of an?|an?)?\s*(\d[\d.]*)[ -]?(kg|g|ml|l|oz|lb)\b\.?[ -]*(?:tin|can|pack|packet|pkg|box|bag|bar|block|brick|tub|jar|carton)s?\b\.?(?: of)? (.+)$/i;

/** "1/2 x 300 ml tub cream", "3/4 of an 8 oz brick cream cheese": what a share of a pack weighs. */
function shareOfPack(text: string): string {
  const match = PACK_SHARE.exec(text);
  if (!match) return text;
  const [, share = '', size, unit, what] = match;
  const [above = 1, below = 1] = share.split('/').map(Number);
  return `${Number(((above / below) * Number(size)).toFixed(2))} ${unit} ${what}`;
}

const LEADING = new RegExp(`^${NUMBER}\\s?(?:${UNITS}(?![\\p{L}]))?\\s*`, 'iu');

/** "6 cups peeled, cored and sliced apples": a comma among descriptions parts nothing. */
function describedFirst(text: string, knows: Knows): string {
  if (/\beach\b/i.test(text)) return text;
  const [head = '', ...others] = text.split(/,\s+/);
  let joined = head;
  const describes = () => {
    const name = joined.replace(LEADING, '');
    return name !== joined && onlyDescribes(name) && !knows(name);
  };
  while (others.length > 0 && describes()) joined += ` ${others.shift()}`;
  return [joined, ...others].join(', ');
}

const LABEL =
  /^((?:for |to )?(?:the )?\p{L}[\p{L} ]{1,30}?)(?: ?:| -(?=[^,]*\d[^,]*,|\s+\d+ ?\p{L}+ ))\s+(?=(?:\d|an? |half |(?:one|two|three|four|five|six) |pinch\b|juice|zest|about ))/iu;

/** A line is asked whether it is foreign, and then for its phrases. */
const MOST_TEXTS = 8000;
/** Words that a card shortens, in full. */
export const writtenOut = remembered(
  (text) => SHORTHAND.reduce((words, [short, full]) => words.replace(short, full), text),
  MOST_TEXTS,
);
const english = (written: string, knows: Knows) => listInEnglish(written, (line) => knows(nameOf(line)));

/** True for a line of which another language's words are read. */
export const isTranslated = (text: string, knows: Knows): boolean => {
  const written = writtenOut(text);
  return english(written, knows) !== written;
};

/**
 * A line as people write it, as lines that have an amount and a name each. `text`: cleaned.
 */
export function phrasesOf(text: string, { knows, mentions }: Ears): Phrase[] {
  const plain = english(writtenOut(text), knows);
  const label = LABEL.exec(plain);
  const behind = label ? plain.slice(label[0].length) : plain;
  const own = label && (!knows(label[1]!) || knows(nameOf(behind.split(/[,/;+]/)[0]!))) ? behind : plain;
  const turned = describedFirst(
    shareOfPack(amountFirst(bareGrams(own.replace(/ - (?=\p{L})/gu, ', '), knows), knows)),
    knows,
  );
  const or = OR.exec(turned);
  const parted = or !== null && or.index > 0 && mentions(nameOf(turned.slice(0, or.index)));
  const main = (parted ? turned.slice(0, or.index) : turned).replace(SOME_OF_IT, '');
  const others = [parted ? turned.slice(or.index + or[0].length) : '', OR_IN_BRACKETS.exec(main)?.[1] ?? ''];
  const kept = main.replace(OR_IN_BRACKETS, ' ');
  const bare = kept.replace(MORE_ADDED, '');
  const more = MORE_ADDED.test(kept) && amountIn(bare).quantity ? bare : kept;
  const phrases = added(more, { knows, mentions }).flatMap(({ text: one, as }) => asParts(one, as, knows));
  const instead = others
    .filter((one) => mentions(nameOf(one)))
    .flatMap((one) => asParts(one, 'alternative', knows));
  return [...phrases, ...instead];
}

const asParts = (text: string, as: Phrase['as'], knows: Knows): Phrase[] =>
  together(text, knows)
    .flatMap((each) => halfOfEach(each, knows))
    .flatMap((each) => sharedAmount(each, knows))
    .map((each) => ({ text: each, as }));
