import { readAmount } from './amount';
import { juiceAndZest } from './citrus';
import { CARD_PART } from './clean';
import type { Scales } from './grams';
import { matchIngredient } from './match';
import { numbersFromWords } from './numberWords';

/** What is said of a thing that has no amount. */
const WITHOUT_AMOUNT =
  '(?:as needed|as required|to taste|for (?:the )?(?:dish|tins?|pan|moulds?|top|tops|topping|rolling|dusting|brushing|sprinkling|decorating|decoration|greasing|(?:deep[- ]?(?:fat )?)?frying|coating|rolling|serving|glazing)|to (?:coat|dust|serve|finish|decorate|sprinkle|grease|brush|glaze|fry)\\b)';
/** Behind a list's comma another thing begins with an amount, or has none and says so. */
const NEXT_THING = new RegExp(
  `,\\s+(?:and\\s+)?(?=(?:(?:about |approx\\.? |ca\\.? |around )?\\d|(?:an?|one|two|three|four|half|quarter|third|some|(?:a )?few|pinch|(?:good )?(?:squeeze|dash|splash|knob|handful|drizzle|grating|drop|glug) of)\\s|(?:the )?(?:(?:finely )?grated )?(?:juice|zest|rind|peel)(?: (?:and|&) (?:juice|zest|rind))? (?:of\\b|\\d))|[\\p{L}& ]{3,30} ${WITHOUT_AMOUNT}\\b)|;\\s+(?:and\\s+)?`,
  'iu',
);
/** Behind a part's name: "4 oz icing sugar and 1 tbsp water". */
const BOTH = /^\d[^,;]* (?:and|plus|&|\+) (?:\d|juice|zest|half|an?\b)/u;
/** "200 g flour · 100 g butter", "✔️ 200 g flour ✔️ 4 eggs". */
const DOTS = /(?<=\S)\s+(?:[·•∙]\s+|(?:[✔✓☑✅▪◆►→➤]|\p{Extended_Pictographic})\uFE0F?\s*(?=[\p{L}\d]))/u;
/** "1 tbsp butter 1 tbsp sugar 1 tbsp cream": measures with nothing between the things. */
const MEASURED_AGAIN =
  /(?<=\p{L})(?<!\b(?:and|or|plus|in|with|of|to|from|about|by|at|x|mixed|an?|good|big|large|small|generous))\s+(?=(?:\d[\d./]*|[½¼¾⅓⅔]|\d [½¼¾⅓⅔])\s?(?:kg|g|ml|oz|lb|cups?|c|tbsps?|tablespoons?|tsps?|teaspoons?|T|t)\b\.?\s+\p{L}{3}|(?:handful|pinch|splash|dash|knob|squeeze|drop) (?:of )?\p{L}{3})/u;
/** "6 whites 350 caster 1 tsp vinegar": as short as that, with bare numbers; so many of them are no chance. */
const NUMBERED_AGAIN =
  /(?<=\p{L}\.?)(?<!\b(?:and|or|plus|in|of|to|from|about|by|at|x|mixed|size|type|no|zest|juice|rind)\.?)\s+(?=(?:\d{1,4}(?:\/\d)?|[½¼¾⅓⅔])\s?\p{L})|\s+(?=(?:zest|juice|rind) (?:of )?\d)/u;
const NUMBERED = 3;
/** One of so many may be a name that nobody knows. */
const NUMBERED_UNKNOWN = 5;
const BARE =
  /^(\d{1,4}) (?!(?:k?g|ml|d?l|oz|lbs?|tsps?|tbs?p?s?|dsp|cups?|c|t|pinch|dash|drops?|slices?)\b)(\p{L}.*)$/iu;

/** Things with nothing but a number between them, as lines: in grams, but for eggs and what has a measure; null: it is no such list. */
function numbered(text: string, named: (piece: string) => boolean): string[] | null {
  const listedBy = split(text, NEXT_THING);
  const pieces = listedBy.flatMap((piece) => split(piece, NUMBERED_AGAIN));
  if (pieces.length === listedBy.length) return null;
  const bare = pieces.filter((piece) => BARE.test(piece)).length;
  const unknown = pieces.filter((piece) => !named(piece)).length;
  if (pieces.length < NUMBERED || bare < 2 || unknown > pieces.length / NUMBERED_UNKNOWN) return null;
  return pieces.map((piece) => {
    const [, number, name = ''] = BARE.exec(piece) ?? [];
    const counted = number === undefined || A_FEW > Number(number) || COUNTED.test(name);
    return counted ? piece : `${number} g ${name}`;
  });
}
/** "About 5 tbsp water". */
const LOOSELY = /^(?:about|approx\.?|around|ca\.?) (?=\d[\d./ -]*\s?\p{L}+\.? \p{L})/iu;
/** Fewer of anything are counted. */
const A_FEW = 10;

/** "200 g flour / 100 g butter / 2 eggs"; of two the second may be the first in another measure. */
const STROKES = /\s+\/\s+/;
/** "180 g flour - 100 g butter - 1 egg yolk": of two the second may be said of the first. */
const DASHES = /\s-\s(?=(?:\d|an?\s|half\s))/u;
const FEW = 2;
const UNMEASURED = new RegExp(`\\b${WITHOUT_AMOUNT}\\b|^(?:some|(?:a )?few|a little|a bit of)\\s`, 'i');
/** So many pieces that are named make a list of a line that has others, which are asked about. */
const MOSTLY_NAMED = 0.5;

/** A text taken apart outside of its brackets. */
function split(text: string, by: RegExp): string[] {
  const brackets: string[] = [];
  const plain = text.replace(/\([^()]*\)/g, (words) => `(${'#'.repeat(brackets.push(words))})`);
  return plain
    .split(by)
    .map((piece) => piece.replace(/\((#+)\)/g, (_, at: string) => brackets[at.length - 1]!));
}

/** "1 yolk, water": what ends a list may have no amount. */
function bareTail(piece: string, { catalogue }: Scales): string[] {
  const [, head = '', tail = ''] = /^(.+),\s+(\p{L}+(?: \p{L}+)?)$/u.exec(piece) ?? [];
  const before = matchIngredient(readAmount(numbersFromWords(head)).words, catalogue);
  const last = tail === '' ? undefined : matchIngredient(tail, catalogue);
  const another =
    before && !/\beach\b/i.test(head) && last?.match === 'exact' && last.ingredient !== before.ingredient;
  return another ? [head, tail] : [piece];
}

/** "Choux: water 250, butter 110, salt pinch, eggs about 4 (220)": a bare number behind a name, in grams unless it counts eggs. */
const NAME_FIRST = /^(\p{L}[\p{L} -]*?)(?: about)? (\d[\d.]*|pinch)( ?g)?(?: ?\((\d+)(?: ?g)?\))?$/u;
const LABELLED = /^\p{L}[\p{L} ]{1,30}:\s+/u;
const COUNTED = /\b(?:eggs?|yolks?|whites?)\b/i;
const LEAST = 2;

/** A list of bare numbers behind names, as lines that have their amounts first; null: it is none. */
function namesFirst(text: string, { catalogue }: Scales): string[] | null {
  const pieces = text.replace(LABELLED, '').split(/,\s+/);
  const rows = pieces.map((piece) => NAME_FIRST.exec(piece));
  const known = rows.filter((row) => row && matchIngredient(row[1]!, catalogue)?.match === 'exact').length;
  if (known < LEAST || known < MOSTLY_NAMED * pieces.length) return null;
  return rows.map((row, at) => {
    const [, name = '', amount = '', inGrams, weighed] = row ?? [];
    if (!row) return pieces[at]!;
    if (amount === 'pinch') return `1 pinch ${name}`;
    return COUNTED.test(name) && inGrams === undefined
      ? `${amount} ${name}${weighed ? ` (${weighed} g)` : ''}`
      : `${amount} g ${name}`;
  });
}

/**
 * "200 g flour, 100 g butter, 2 eggs" is a list on one line: each piece has an amount of its own, and a name; of three and more
 * half are enough, since a piece that is left out is missed by nobody until the bake. A card may say first what it is for:
 * "Crust: 24 wafers, crushed; 5 T butter".
 */
export function listed(text: string, reader: Scales): string[] {
  const turned = namesFirst(text, reader);
  if (turned) return turned;
  const plain = text.replace(CARD_PART, '');
  const [dots, strokes, dashes] = [DOTS, STROKES, DASHES].map((by) => split(plain, by)) as [
    string[],
    string[],
    string[],
  ];
  const named = (piece: string) => {
    if (juiceAndZest(piece)[0] !== piece) return true;
    const { quantity, words } = readAmount(numbersFromWords(piece));
    const measured = quantity !== null || UNMEASURED.test(piece);
    return measured && !/^each\b/i.test(words) && matchIngredient(words, reader.catalogue) !== undefined;
  };
  const short = /;/.test(plain) ? null : numbered(plain, named);
  if (short) return short;
  const again = /[,;]/.test(plain) ? [plain] : split(plain, MEASURED_AGAIN);
  if (again.length > 1 && again.every(named)) return again;
  const [first = '', ...others] =
    dots.length > 1
      ? dots
      : strokes.length > FEW
        ? strokes
        : dashes.length > FEW && dashes.every((piece) => /^\W*(?:\d|an?\s|half\s)/.test(piece))
          ? dashes.flatMap((piece) => split(piece, NEXT_THING))
          : split(plain, NEXT_THING);
  const pieces = [first, ...others].map((piece) => piece.replace(LOOSELY, ''));
  const known = pieces.filter(named).length;
  // Each by a measure of its own: that nobody knows a name among them makes one no part of another.
  const measured = pieces.every((piece) => readAmount(numbersFromWords(piece)).unit !== null);
  // "Raspberry jam; 6 oz icing sugar + water; glacé cherries": a semicolon parts things that are known by name alone.
  const parted =
    /;/.test(plain) &&
    pieces.every((piece) => matchIngredient(readAmount(numbersFromWords(piece)).words, reader.catalogue));
  const isList =
    measured ||
    parted ||
    known === pieces.length ||
    (pieces.length > 2 && named(first) && known >= MOSTLY_NAMED * pieces.length);
  return others.length > 0 && isList
    ? pieces.flatMap((piece) => bareTail(piece, reader))
    : [BOTH.test(plain) ? plain : text];
}
