import { INCH_CM } from '../quantity';

const FRACTION = '(?:\\s+\\d\\/\\d|[½¼¾])?';
/** What holds so much says nothing of how wide it is: "4 x 175 ml moulds". */
const NUMBER = `(\\d{1,2}(?!\\d)(?:[.,]\\d+)?${FRACTION})`;
/** "1/4 in each pan" is no inch. */
const CM =
  '(cm|centimetres?|centimeters?|mm|in\\b\\.?(?! (?:each|an?|the|your|my|it|them|this|one|two|three|half)\\b)|inch(?:es)?|"|″|”)';
const TWO = new RegExp(`${NUMBER}\\s*-?\\s*${CM}?\\s*-?(?:x|×|\\*|by)-?\\s*${NUMBER}\\s*-?\\s*${CM}?`, 'giu');
const ONE = new RegExp(`${NUMBER}\\s*-?\\s*${CM}`, 'giu');
/** Narrower, it is a piece, a thickness or a rim, cm. */
export const LEAST_TIN = 10;
/** Beside a depth a tin is so wide at least, cm. */
const SHALLOW_ROUND = 15;
const OF_A_VESSEL_SOON = /^[^.;,]{0,40}\b(?:tin|pan|dish|mould)\b/i;
/** Named as one, a tin may be smaller, cm. */
const LEAST_NAMED = 7;
const OF_A_TIN =
  /^\s*(?:\([^)]*\) )?(?:[\w-]+ ){0,2}(?:tins?|pans?|plates?|dish(?:es)?|ramekins?|moulds?|springforms?)\b/i;
/** Without a unit, tins of more than this are in centimetres. */
const MOST_INCHES = 18;
/** Of two numbers the first is a count where it is so small and has no unit. */
const MOST_TINS = 6;
/** A measure of what is rolled, cut or shaped is none of a tin. */
const SHAPED =
  /\b(?:roll(?:ed)?|cut|cutter|portion(?:ed)?|rounds?|circle|stars?|thick|apart|across|lengths?|discs?|strips|squares of|fingers|logs|sticks|lines|pipe[ds]?|high|above|mounds?|balls?|pieces?|slices?|overhang|rectangle|oblong of|border|gap|ropes?|strings?|strands?|sausages?|sides?)\b/i;
/** "Foil and paper (about 30 x 40 cm)", "roll it out to a square of 25 x 25 cm". */
const OF_A_VESSEL = /^\s*-?(?:[\w-]+ ){0,3}(?:tins?|pans?|plates?|dish|rings?|moulds?|ramekins?)\b/i;
const OF_PAPER =
  /\b(?:paper|foil|parchment)\W{0,3}(?:about |measuring |of |roughly )?$|\broll(?:ed)? [^.;]{0,30}\bout\b[^.;]{0,30}$|\b(?:in)?to (?:an? |one )?(?:\w+ ){0,2}(?:rectangle|oblong|square|circle|round|disc),?\W{0,2}(?:about |of |measuring |roughly |some )*$/i;
/** "Cool 20 in pan": minutes. */
const COOLS = /\b(?:cool|stand|rest|leave|sit|wait)\s+(?:for\s+)?$/i;
/** "Roll the dough to 25 cm". */
const ROLLED_TO = /\b(?:roll|pat|flatten|stretch)\w*\b[^.;]{0,25}\bto (?:about |roughly )?$/i;
/** "Roll it to a 24 cm round" is what is rolled; "18 cm round" alone is a tin. */
const A_ROUND = /^\s*(?:round|square)\b(?! (?:\w+ )?(?:tins?|pans?|cake|dish))/i;
const BY_HAND = /\b(?:roll|pat|cut|shap|flatten|press|spread|pipe|bash|beat the (?:cold )?butter)/i;

/** "12 x 45 g". */
const OF_WEIGHT = /^\s?(?:g|gr|grams?|oz|ml)\b/i;

export interface Size {
  readonly lengthCm: number;
  readonly widthCm: number | null;
  readonly count: number | null;
}

const numberIn = (words: string): number => {
  const [, whole = '0', above, below, glyph] =
    /^(\d+(?:[.,]\d+)?)(?:\s+(\d)\/(\d)|([½¼¾]))?$/u.exec(words.trim()) ?? [];
  const part = glyph ? { '½': 0.5, '¼': 0.25, '¾': 0.75 }[glyph]! : above ? Number(above) / Number(below) : 0;
  return Number(whole.replace(',', '.')) + part;
};

function centimetres(value: number, unit: string | undefined): number {
  if (!unit) return value > MOST_INCHES ? value : value * INCH_CM;
  if (/^mm/i.test(unit)) return value / 10;
  return /^c/i.test(unit) ? value : value * INCH_CM;
}

/** "A loaf tin (4 x 8 inch)". */
const ITS_SIZE =
  /\b(?:a|an|the|your|one) (?:[\w-]+ ){0,3}(?:tin|pan|dish|mould)\s*\((?:about |approx\.? )?$/i;
const A_VESSEL = /^[-\s]*(?:inch(?:es)? )?(?:\p{L}+ ){0,2}(?:tin|pan|dish|mould)\b/iu;

/** "Square 23 tin": without a unit it is in centimetres. */
const BARE_TIN =
  /(?<![\d.,/x×-])\b(19|2\d|3[0-2])\s+(?:(?:square|round|springform|loose[- ]bottomed|deep|cake|flan|tart)\s+){0,2}(?:tin|springform)\b/gi;

/** "30 cm ropes", "5 mm thick", "an 8 cm star cutter". */
const SHAPED_INTO =
  /^[-\s]*(?:ropes?|logs?|sausages?|snakes?|strips?|star|rounds\b(?! (?:\w+ )?(?:tins?|pans?|cake))|circle|cutter|thick|apart|deep\b(?!-| (?:\w+ )?(?:tin|pan|pie|dish|tart|cake|glass))|high|disc|length|above|square cutter|rounds|strips|rectangle)/i;
/** "16 pieces | 8-inch square": what stands before a stroke is said of something else. */
const ANOTHER_FACT = /^.*[|·•]/u;

/** The sizes that a text gives, those of what is rolled or cut left out. */
export function sizesIn(text: string, near: RegExp | null): Size[] {
  const shaped = (from: number, to: number) =>
    (OF_PAPER.test(text.slice(0, from)) && !OF_A_VESSEL.test(text.slice(to))) ||
    COOLS.test(text.slice(0, from)) ||
    (ROLLED_TO.test(text.slice(0, from)) && !OF_A_TIN.test(text.slice(to))) ||
    (SHAPED.test(text.slice(Math.max(0, from - 14), from).replace(ANOTHER_FACT, '')) &&
      !OF_A_TIN.test(text.slice(to))) ||
    (A_ROUND.test(text.slice(to)) && BY_HAND.test(text.slice(Math.max(0, from - 40), from))) ||
    /^,? (?:on )?(?:a |the |your )?(?:lightly |well )?floured\b/i.test(text.slice(to)) ||
    SHAPED_INTO.test(text.slice(to));
  const twos = [...text.matchAll(TWO)];
  const pairs = twos.flatMap((match): { from: number; to: number; size: Size }[] => {
    const [whole, one = '', unit, two = '', other] = match;
    const [from, to] = [match.index, match.index + whole.length];
    const [a, b] = [numberIn(one), numberIn(two)];
    // "12 x 45 g" is a weight.
    if (!unit && !other && OF_WEIGHT.test(text.slice(to))) return [];
    // "4 x 8-inch loaf pan" is one, "2 x 8-inch pans" are two.
    const isOne =
      (A_VESSEL.test(text.slice(to)) || ITS_SIZE.test(text.slice(0, from))) &&
      centimetres(a, other) >= LEAST_TIN;
    if (!unit && !isOne && a <= MOST_TINS && centimetres(b, other) >= LEAST_TIN && (other || b > MOST_INCHES))
      return [{ from, to, size: { lengthCm: centimetres(b, other), widthCm: null, count: a } }];
    // Of two bare numbers one is in centimetres if the other can't be in inches: "25x11".
    const bare = !unit && !other && Math.max(a, b) > MOST_INCHES ? 'cm' : undefined;
    const [length, width] = [centimetres(a, unit ?? other ?? bare), centimetres(b, other ?? unit ?? bare)];
    // "23 x 2.5 cm flan tin": so wide and so deep.
    if (
      Math.min(length, width) < LEAST_TIN &&
      Math.max(length, width) >= SHALLOW_ROUND &&
      OF_A_VESSEL_SOON.test(text.slice(to))
    )
      return [{ from, to, size: { lengthCm: Math.max(length, width), widthCm: null, count: null } }];
    if (
      Math.min(length, width) < LEAST_TIN ||
      (shaped(from, to) && !near?.test(text.slice(from - 10, to + 30)))
    )
      return [];
    return [
      {
        from,
        to,
        size: { lengthCm: Math.max(length, width), widthCm: Math.min(length, width), count: null },
      },
    ];
  });
  const singles = [...text.matchAll(ONE)].flatMap((match): { from: number; to: number; size: Size }[] => {
    const [whole, one = '', unit] = match;
    const [from, to] = [match.index, match.index + whole.length];
    // The second of two sides is no size of its own.
    if (twos.some((pair) => from < pair.index + pair[0].length && pair.index < to)) return [];
    const length = centimetres(numberIn(one), unit);
    const least = OF_A_TIN.test(text.slice(to)) ? LEAST_NAMED : LEAST_TIN;
    if (length < least || shaped(from, to)) return [];
    return [{ from, to, size: { lengthCm: length, widthCm: null, count: null } }];
  });
  const bare = singles.length > 0 || pairs.length > 0 ? [] : [...text.matchAll(BARE_TIN)];
  const unmeasured = bare.map((match) => ({
    from: match.index,
    to: match.index + match[0].length,
    size: { lengthCm: Number(match[1]), widthCm: null, count: null },
  }));
  return [...pairs, ...singles, ...unmeasured].sort((a, b) => a.from - b.from).map(({ size }) => size);
}

/** Whether a page's words give a tin's size, or it is as such a tin usually is. */
export const saysSize = (words: string): boolean =>
  sizesIn(words, NEAR_A_TIN).length > 0 || BY_WEIGHT.test(words);
/** A loaf tin is called by the weight of its bread. */
const BY_WEIGHT = /\b(?:900 ?g|450 ?g|[12] ?-?lbs?)\b/i;
export const NEAR_A_TIN = /\b(?:tin|pan|dish|tray|sheet|mould|springform)\b/i;
