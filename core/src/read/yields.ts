import { cleanLine } from './clean';
import { digitsFromWords } from './numberWords';
import { HELPINGS, type PageKind } from '../vocabulary';
import type { Yield } from './types';

const NUMBER = '(\\d+(?: \\d\\/\\d|\\.\\d+)?)';
/** How many, to how many, dozens of them, and of what. */
const COUNT = `(?:~ ?|about |abt\\.? |approx\\.? |approximately |around |ca\\.? |up to |roughly |a )*${NUMBER}(?:[- ]?ish\\b)?(?:\\s*(?:-|to|or)\\s*${NUMBER}(?:ish)?)?(?:-odd)?\\s*(dozen\\b|doz\\b\\.?|dz\\b\\.?)?\\s*([^|;,()=]*)`;

/** Words that promise a number, and what it counts where they don't say. Helpings count nothing by name. */
const PROMISES: readonly (readonly [string, string])[] = [
  [
    'makes|bakes|yields?|quantity|gives|get|a batch is|batch(?= ?:)|for(?= \\d{1,3} (?:pieces|pcs|people|persons|servings|portions)\\b)',
    'pieces',
  ],
  ['does|will do|serves|servings?|feeds|enough for|portions?', ''],
  [
    'cuts(?: into)?|cut(?:ting)? (?:it |them )?(?:with an? [\\p{L} -]{3,20}? )?in(?:to)?|slices? into',
    'slices',
  ],
];
const PROMISED = PROMISES.map(
  ([words, what]) => [new RegExp(`(?<![\\p{L}-])(?:${words})(?:\\s*:)?\\s+${COUNT}`, 'iu'), what] as const,
);
/** A line that is a yield and promises nothing in words: "20 squares", "for 6, or 4 greedy ones", "= 12 regular". */
const BARE = new RegExp(`^(?:(?:for|für|för|pour|per|one batch) )?${COUNT}`, 'iu');
const MEASURE =
  /^(?:g|kg|ml|l|cm|mm|in|inch(?:es)?|min(?:ute)?s?|h|hours?|hrs?|oz|lbs?|cups?|pints?|pts?|quarts?|litres?|liters?|seconds?|days?|x|×|wide|long|strips?|times|ways?|k|ratings?|reviews?|votes?|comments?|stars?|likes?)\b|^["°%/-]|^[x×]\s?\d/i;
/** "Serves 4 (12 hotcakes)": pieces say more than helpings. */
const PIECES_TOO = new RegExp(
  `(?:^|\\s[-–]\\s|,\\s)(?:(?:serves|feeds|enough for)\\b|(?:makes|yields?)\\b[^()]*\\b(?:tin|pan|slab)s?\\b)[^()]*\\(\\s*(?:makes\\s+)?${COUNT}`,
  'iu',
);
const EACH = /\beach\b|\bper\b|\bk?cal/i;
const ARE_HELPINGS = new RegExp(`^${HELPINGS}\\b`, 'i');
const DOZEN = 12;
const DOZENS = /\bdo?z(?:en)?\b/i;
/** "For about 40" fritters: nobody cooks for more. */
const CROWD = 30;
const SEGMENTS = /\s*[|•·;(→]\s*|\s[-–—]\s+(?=\p{L})|\s~\s|\s\/\s(?=\p{L}|\d+ \p{L})|\s{2,}|,\s+(?=\d)/u;
/** Tins say how many fit: "a 12-hole muffin tin", "18 muffin cups". */
const HOLES =
  /(?<![\d/.])\b(\d{1,2})(?:[- ](?:hole|cup)s?\b(?:\s*\([^)]*\))?(?!.{0,12}\b(?:bundt|tube|ring|fluted))[^.]{0,20}\b(?:tin|pan|tray)s?\b| (?:muffin|bun|cupcake) (?:cups|cases|holes)\b| (?:paper |muffin |cupcake )?(?:liners|paper cases)\b)/i;

/** "Muffin tin x 10". */
const SO_MANY_HOLES = /\b(?:muffin|bun|cupcake|fairy cake) (?:tin|pan|tray)s? ?[x×] ?(\d{1,2})\b/i;

/** "Two 12-hole tins", "2 x 12-hole". */
const TIMES = /(?<![\d/.])\b([2-4])\s*[x×]?\s*$/i;

/** "2 1/2", "3": a number as it is written. */
const numberOf = (written: string) =>
  written.split(' ').reduce((sum, part) => {
    const [above = 0, below = 1] = part.split('/').map(Number);
    return sum + above / below;
  }, 0);

/** "Enough for 4 as a pudding", "feeds 8 easily": it counts no pieces. */
const OF_HELPINGS = /^(?:as|easily|easy|generously|greedy|hungry|happily|nicely|well|with|or|people|at)\b/i;
/** Nothing older is copied out. */
const FIRST_DECADE = 1700;

/** "One batch:" says how often the list is made. */
const A_BATCH = /^batch(?:es)?\b/i;

/** "One 8x8". */
const A_TIN = /^\d+ ?[x×] ?\d/i;

/** `counted`: what COUNT caught. */
function toYield(counted: readonly (string | undefined)[] | undefined, usual: string): Yield | null {
  const [first, last, dozen, words = ''] = counted ?? [];
  // "5 dz. Drop by the spoon": another sentence begins.
  const ended = dozen?.endsWith('.') === true && /^\p{Lu}/u.test(words);
  const [sentence = ''] = (ended ? '' : words).split(
    /[.!?](?=\s)|(?:^|\s+)(?=(?:prep|cook|total|active|ready|time|difficulty|skill|level)\b)|(?:^|\s+)&\s+(?=keeps?\b)|(?:^|\s+)(?:and|then)\s+(?=(?:keeps?|place|put|set|arrange|bake|lay|transfer|serve)\b)|(?:^|\s+)(?:while|when|once|as soon as|with|w|using)\b\.?\/?\s+|\s+in (?:an? |the |one )?(?=\d|(?:\w+ )?(?:tin|pan|tray|dish)\b)|\s+of\s+(?=\d)/i,
  );
  const what = sentence.replace(/^["”]$|[.!~:\s]+$|\s\d+x$|(?:^|\s+)\+.*$/g, '').trim();
  if (first === undefined || [MEASURE, A_BATCH, A_TIN].some((no) => no.test(what))) return null;
  // "16 - 2 trays" is no range, and the trays are what the second counts.
  const falls = last !== undefined && numberOf(last) < numberOf(first);
  const to = last !== undefined && numberOf(last) >= numberOf(first) ? last : first;
  const ends = [first, to].map((one) => numberOf(one) * (dozen ? DOZEN : 1));
  const [low, high] = [Math.min(...ends), Math.max(...ends)];
  // "A 1940s booklet" is a time.
  if (/^s\b/.test(what) && low >= FIRST_DECADE) return null;
  const named = falls || (usual === '' && OF_HELPINGS.test(what)) ? '' : what;
  return low > 0 ? { low, high, what: A_SIZE.test(named) ? 'pieces' : named || usual } : null;
}

const inDigits = (words: string) => digitsFromWords(words.replace(/\ba dozen\b/gi, '1 dozen'));

/** The pieces that a line names behind its helpings; null: none. */
function piecesBeside(source: string, helpings: Yield): Yield | null {
  const pieces = toYield(PIECES_TOO.exec(inDigits(cleanLine(source)))?.slice(1), 'pieces');
  return pieces && pieces.low >= helpings.low && !ARE_HELPINGS.test(pieces.what) && !EACH.test(pieces.what)
    ? pieces
    : null;
}

/** "Makes one 9-inch cake, 10 servings": how many eat of the one. Null where a part says none. */
function helpingsOf(part: string): Yield | null {
  const counted = TAIL_COUNT.exec(part);
  return counted && ARE_HELPINGS.test(counted[5]?.trim() ?? '') ? toYield(counted.slice(2), '') : null;
}

/** "Snickerdoodles | 24 cookies | 30 min", "24 pcs · 9 min": how many, said beside a name or a time. Null where none of the parts is. */
function namedPieces(parts: readonly string[]): Yield | null {
  const counted = parts.flatMap((part) => {
    const found = TAIL_COUNT.exec(inDigits(part));
    const what = found?.[5]!.trim() ?? '';
    return what === '' ? [] : (toYield(found!.slice(2), ARE_HELPINGS.test(what) ? '' : 'pieces') ?? []);
  });
  return counted[0] ?? null;
}
/** What pieces are called before anybody cuts or serves them. */
const BAKED_AS =
  'pieces|pcs|cookies|biscuits|buns|rolls|muffins|cupcakes|scones|tartlets|doughnuts|squares|bars|loaves|bites|pancakes|waffles|crumpets';
/** Beside a time a number may be an oven. */
const PIECES = new RegExp(`\\b(?:${BAKED_AS}|slices|wedges|servings|portions)\\b`, 'i');
const STROKES = /\s+[|•·/–—]\s+/;

/** "For 24 (silicone moulds)": a piece in each. */
const IN_MOULDS = /\(.*\b(?:moulds?|molds?|cavities|paper cases|muffin cups)\b/i;
/** "12 regular or 6 jumbo": of a size, and of what is baked. */
const A_SIZE = /^(?:regular|large|small|medium|mini|big|normal|standard)(?: or\b.*)?$/i;

/** How many one line promises. `bare`: it is known to be a yield, and need not say so. */
function yieldIn(source: string, bare: boolean): Yield | null {
  // "★★★★☆ (88)": so many have judged it.
  if (/[★☆⭐]/u.test(source)) return null;
  const parts = source.split(SEGMENTS).map((part) =>
    inDigits(cleanLine(part))
      .replace(/^.*=\s*(?=\d)/, '')
      .replace(/^[([*_\s]+|[)\]*_\s]+$/g, ''),
  );
  const promised = PROMISED.flatMap(([pattern, usual]) =>
    parts.flatMap((part) => toYield(pattern.exec(part)?.slice(1), usual) ?? []),
  );
  // "Makes one 20 cm cake, cuts into 14": the pieces say more than the one.
  const first = promised.find(({ high }) => high > 1) ?? promised[0];
  if (first) {
    const eaters = first.high === 1 ? parts.map(helpingsOf).find((one) => one !== null) : null;
    return piecesBeside(source, first) ?? eaters ?? first;
  }
  if (!bare) return null;
  const found = parts
    .map((part) => toYield(BARE.exec(part)?.slice(1), ''))
    .filter((one) => one !== null)
    // Nobody cooks for more than a dozen without saying so.
    .map((one) =>
      one.what === '' &&
      (IN_MOULDS.test(source) ||
        one.low > CROWD ||
        (one.low > DOZEN && (!/^\W*for\b/i.test(source) || DOZENS.test(source))))
        ? { ...one, what: 'pieces' }
        : one,
    );
  return found.find(({ low }) => low > 1) ?? found[0] ?? null;
}

const TAIL =
  /^(.{3,}?)(\s+-{1,2}\s+|,\s*|\s*\(|\s+(?=(?:makes|serves|cuts into)\b|for \d{1,2}$))([^,()]*)\)?$/i;
/** "Knots, cardamom - for 20": the last of several. */
const LAST_TAIL = new RegExp(TAIL.source.replace('.{3,}?', '.{3,}'), 'i');
/** "1 roll, about 10 slices". */
const ONE_WHOLE = /^(?:1|one|a) (?:roll|loaf|cake|tin|tray),? (?=(?:about|abt|approx|ca|=|\d))/i;
const TAIL_COUNT = new RegExp(`^(makes|serves|cuts into|for|about|abt\\.?|ca\\.?)?\\s*${COUNT}$`, 'iu');

/** "Mini treacle tarts, 24": a bare number of pieces, and not of a page. */
const MOST_NAMED = 100;
const COUNTS_PAGES = /\b(?:pages?|week|day|part|no|number|vol(?:ume)?|card|recipe|lesson|chapter)\W*$/i;

/** "Lava pots for 4 (or 2 greedy people)". */
const OR_FEWER = /(?<=\bfor \d{1,2}) \(or [^()]*\)$/i;

/** "Biscuits x 20ish". */
const TIMES_SO_MANY = /(?<=\p{L})\s+[x×]\s?([6-9]|\d{2,3})(?:-?ish)?$/iu;

/** A name and how many of it there are: "Almond tuiles, about 24", "Crumb muffins (12)", "Knots, 30 pcs". */
export function nameAndYield(title: string): { readonly name: string; readonly yields: Yield | null } {
  const name = title.replace(OR_FEWER, '').replace(TIMES_SO_MANY, ', $1 pieces');
  const lazily = TAIL.exec(name);
  const counts = (one: RegExpExecArray | null) =>
    TAIL_COUNT.exec(inDigits((one?.[3] ?? '').replace(ONE_WHOLE, '')));
  const last = counts(lazily) ? lazily : LAST_TAIL.exec(name);
  const [, own = '', before = ''] = last ?? [];
  const match = counts(last);
  if (!match) return { name, yields: null };
  const [, promise = '', ...counted] = match;
  const what = (counted[3] ?? '').trim();
  const helpings = /^(?:serves|for)$/i.test(promise) || ARE_HELPINGS.test(what);
  const found = toYield(counted, helpings ? '' : 'pieces');
  // "Knots - for 20": nobody cooks for more than a dozen without saying so.
  const pieces = /^for$/i.test(promise) && found?.what === '' && found.low > DOZEN;
  const yields = found && pieces ? { ...found, what: 'pieces' } : found;
  const says =
    promise !== '' ||
    counted[2] !== undefined ||
    before.includes('(') ||
    (what === '' &&
      (yields?.low ?? 0) >= FEWEST_PIECES &&
      yields!.high <= MOST_NAMED &&
      !COUNTS_PAGES.test(own)) ||
    (what !== '' && what.split(' ').length < 3);
  const whole = own.split('(').length === own.split(')').length;
  if (!yields || !says || !whole) return { name, yields: null };
  // What was looked for further behind, or stands in several words, is part of the name as well.
  return { name: last === lazily && !ONE_WHOLE.test(lazily![3]!) ? own.trim() : name, yields };
}

/** A line of the text with what it was taken for. */
export interface KnownLine {
  readonly source: string;
  readonly kind: PageKind;
}

/** "Sandwich them. About 30 pieces.": a step may end with how many there are. */
const LAST_WORDS = new RegExp(
  `[.!?,]\\s+(?:(?:about|around|approx\\.?|gives|yields?)\\s+)?(\\d{1,3}) (${BAKED_AS}|rounds|slices|wedges|servings|portions)(?: when (?:cold|cool))?\\.?\\s*$`,
  'i',
);

/** "Brush with butter while hot. About 36.": a last sentence of nothing else. */
const LAST_NUMBER = /[.!?]\s+(?:about|abt\.?|around|approx\.?|gives) (\d{1,3})(?: pcs)?\.?\s*$/i;
const LAST_DOZENS =
  /[.!?]\s+(?:(?:about|abt\.?|around|approx\.?|gives|makes) )?(\d{1,2}) ?(?:doz(?:en)?|dz)\.?\s*$/i;

/** "Pipe 4-inch logs on the trays, about 16.", "roll into balls (about 16)": how many pieces what is shaped comes to. */
const SHAPED_TO =
  /\b(?:pipe|shape|roll|form|drop|spoon|scoop|cut)\b(?:[^.;]|\.\d)*(?:,\s+|\(|\s[-–]\s)(?:about|around|approx\.?|roughly) (\d{1,3})(?: (?:of them|in all))?(?=[.;)]|$)/i;

/** "Make 18 balls", "shape into 15 buns", "divide into 10": as many pieces; a dough that is halved or quartered makes none yet. */
const MADE_INTO =
  /\b(?:make|shape|form|roll|divide|portion|pipe)\b(?: (?:it|them|the dough|dough|the mixture))?(?: in(?:to)?)? (\d{1,3})(?:(?: (?:equal|even|small|large|smooth|[\w-]+-sized?))? (?:balls|rounds|pieces|buns|rolls|cookies|biscuits|patties|discs|portions|mounds)\b|(?=[.;,]))(?![^.]*\bcut (?:each )?into\b)/i;
/** "Stamp out 18 rounds using a fluted cutter". */
const STAMPED =
  /\b(?:stamp|cut)(?: out)? (\d{1,3}) (?:(?!(?:cm|mm|in|inch)\b)\p{L}+ )?(?:rounds|circles|discs|hearts|stars)\b/iu;
/** Of two sizes, or with lids, they are no pieces yet. */
const OF_TWO = /\b(?:half|lids?|smaller|pairs?|sandwich\w*|tops?|of them|\d+ (?:large|small) rounds)\b/i;
/** "12 balls, thumb a hole in each", where a sentence begins. */
const SO_MANY_BALLS = /(?:^|[.!;:]\s+)(\d{1,2}) (?:rough |small |even )?(?:balls|mounds|rounds|heaps)\b/i;
/** "Line 8 rings of 8 cm": a piece in each. */
const LINED =
  /\b(?:line|fill) (?:the )?(\d{1,2})(?: (?!of\b)[\p{L}\d-]+){0,3} (?:rings|tartlet (?:tins|cases|rings)|ramekins|moulds)\b/iu;
const FEWEST_PIECES = 6;
/** "Score into 18 diamonds": where it will be cut. */
const SCORED =
  /\b(?:score|mark)\b(?: (?:it|the (?:top|cake|surface|dough|mixture)))?(?: in(?:to)?)? (\d{1,3})(?: (?:equal |even |small |large )?(diamonds|squares|pieces|slices|wedges|bars|fingers)\b|(?=\s*(?:[.,;]|while|when|with|before|and|$)))/i;

/** "Cool in the tin. Cut 24 fingers." */
const CUT_SO_MANY =
  /\bcut (\d{1,3}) (?:\p{L}+ )?(squares|bars|fingers|slices|pieces|wedges|triangles|diamonds)\b/iu;

/** "4 x 4 cuts." */
const CUT_BY = /(?<![\d.])(\d) ?[x×] ?(\d) (?:cuts|squares|grid)\b/i;
/** "Cut pastry in 8." */
const CUT_DOUGH =
  /\bcut (?:the )?(?:rolled )?(?:pastry|dough) in(?:to)? (\d{1,2})(?= ?(?:squares|triangles|rounds|pieces|circles|[.,;]))/i;

/** What is rolled up and then cut isn't sliced yet: it is cut into what is baked. */
const ROLLED_UP = /\broll(?:ed)?\b[^.;]*\bup\b[^.;]*\bcut/i;
const rolled = (source: string, found: Yield | null): Yield | null =>
  found?.what === 'slices' && ROLLED_UP.test(source) ? { ...found, what: 'pieces' } : found;

/** A sponge is cut in two or three for its layers, and a dough for its strands. */
const MOST_LAYERS = 3;
const layers = (found: Yield | null): boolean => found?.what === 'slices' && found.high <= MOST_LAYERS;

const MAKES_SO_MANY = /(?:^|[.!?]\s+)\W*(?:makes|yields?|serves|feeds)\s+(?:about |approx\.? )?\d/i;

/** "Ingredients (10 brioches)", "Ingredients for 12 muffins": a list says what it is for. */
const LISTED_FOR =
  /^\W*(?:the )?ingredients?\s*(?:\((?:makes |for |serves )?|for (?:about )?)(\d{1,3})(?:\s*[-–]\s*(\d{1,3}))?(?:\s+(\p{L}+(?: \p{L}+)?))?\)?\W*$/iu;
function listedFor(source: string): Yield | null {
  const [, count, last, what = ''] = LISTED_FOR.exec(cleanLine(source)) ?? [];
  return count === undefined
    ? null
    : toYield([count, last, undefined, ARE_HELPINGS.test(what) ? '' : what], '');
}

/** "12 muffins, fill to the top", "cut 10": where nothing else says how many. */
const SO_MANY_SAID = new RegExp(
  `(?:^|[.!;:]\\s+)(\\d{1,2}) (?:large |small |regular |mini )?(${BAKED_AS})(?=[,.;!]|$)`,
  'i',
);
const CUT_TO = /^\W*cut (\d{1,2})(?=\s*(?:[.!;]|$))/i;

/** Where how many are made is said first of all, and where it is said too. */
const PLACES: readonly (readonly PageKind[])[] = [
  ['yield'],
  ['title'],
  ['time', 'heading', 'note', 'junk'],
  ['step', 'prose'],
];

/**
 * How many pieces or helpings a page promises, wherever it says so. Example: "Makes 2 dozen small cookies" is 24 small cookies.
 * Null: nowhere.
 */
export function readYield(lines: readonly KnownLine[]): Yield | null {
  const method = lines.filter(({ kind }) => kind === 'step' || kind === 'prose');
  const ofTwo = method.some(({ source }) => OF_TWO.test(source));
  const told = method.filter(({ source }) => MAKES_SO_MANY.test(source));
  for (const kinds of PLACES)
    for (const { source, kind } of [
      // What a method says that it makes stands before what it cuts something into on its way.
      ...(kinds.includes('step') ? told : []),
      ...lines.filter((line) => kinds.includes(line.kind)),
    ]) {
      const found =
        rolled(source, yieldIn(source, kind === 'yield')) ??
        (kind === 'title'
          ? (nameAndYield(cleanLine(source.trim().replace(/\s{3,}/g, ', '))).yields ??
            namedPieces(cleanLine(source).split(STROKES).slice(1)))
          : null) ??
        (kind === 'time'
          ? namedPieces(
              source
                .split(STROKES)
                .map(cleanLine)
                .filter((part) => PIECES.test(part)),
            )
          : null) ??
        (kind === 'heading' ? listedFor(source) : null);
      if (found && !(layers(found) && kinds.includes('step'))) return found;
    }
  for (const { source } of method) {
    const said = cleanLine(source);
    const holes = HOLES.exec(said) ?? SO_MANY_HOLES.exec(said);
    const trays = Number(TIMES.exec(inDigits(said.slice(0, holes?.index ?? 0)))?.[1] ?? 1);
    const count = Number(holes?.[1] ?? 0) * trays;
    if (count > 1) return { low: count, high: count, what: 'pieces' };
    const dozens = Number(LAST_DOZENS.exec(said)?.[1] ?? 0) * DOZEN;
    if (dozens > 0) return { low: dozens, high: dozens, what: 'pieces' };
    const [, last, what = 'pieces'] =
      LAST_WORDS.exec(said) ?? LAST_NUMBER.exec(said) ?? SHAPED_TO.exec(said) ?? [];
    if (last !== undefined)
      return { low: Number(last), high: Number(last), what: ARE_HELPINGS.test(what) ? '' : what };
    const made = MADE_INTO.exec(said) ?? (ofTwo ? null : STAMPED.exec(said));
    const scored = made ? null : (SCORED.exec(said) ?? CUT_SO_MANY.exec(said));
    const counted = made ?? scored ?? CUT_DOUGH.exec(said) ?? LINED.exec(said) ?? SO_MANY_BALLS.exec(said);
    const called = counted ? null : SO_MANY_SAID.exec(said);
    const [, across = 0, down = 0] = CUT_BY.exec(said) ?? [];
    const pieces =
      Number(across) * Number(down) || Number((counted ?? called ?? CUT_TO.exec(said))?.[1] ?? 0);
    if (pieces >= FEWEST_PIECES)
      return { low: pieces, high: pieces, what: scored?.[2] ?? called?.[2] ?? 'pieces' };
  }
  return null;
}
