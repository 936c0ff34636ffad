import { getIngredient, type Catalogue } from '../catalogue';
import { addRanges, range, type Range } from '../quantity';
import type { Locale } from '../vocabulary';
import { readAmount, type Amount } from './amount';
import { cleanLine } from './clean';
import { weigh, type Measured } from './grams';
import { isName, matchIngredient } from './match';
import { numbersFromWords } from './numberWords';
import { remembered } from './remember';
import { takeApart, type Segments } from './segments';
import type { Item, Line } from './types';

export interface Reader {
  readonly catalogue: Catalogue;
  readonly locale: Locale;
}

type ReadLine = Pick<Line, 'items' | 'measuredBy' | 'aside'>;
type Found = Item & { readonly by?: Measured['by'] };

const PACK_WORDS =
  /\b(?:cans?|tins?|packets?|packages?|pkg|jars?|box(?:es)?|bags?|containers?|blocks?|bars?|tubs?|cartons?|sachets?)\b/i;
const FOR_THE_TIN =
  /\bfor (?:the |your )?(?:dusting|greasing|rolling|sprinkling|coating|lining|brushing|frying|serving|(?:cake |loaf |muffin )?(?:tin|pan|tray|bench|board|surface|mould)s?)\b|\bto (?:serve|decorate|dust|grease|taste)\b/i;
const JUICE =
  /^(?:the )?(?:(finely )?(?:grated )?(zest|rind|peel)(?: and (juice))?|(juice)(?: and (?:grated )?(zest|rind))?) (?:of|from) (.+)$/i;
const CITRUS = /\b(lemon|lime|orange|clementine|grapefruit|mandarin)s?\b/i;

/** "grated zest and juice of 2 lemons" → "2 lemon zest", "2 lemon juice". */
function juiceAndZest(text: string): string[] {
  const match = JUICE.exec(text);
  const rest = match?.[6] ?? '';
  const fruit = CITRUS.exec(rest)?.[1];
  if (!match || !fruit) return [text];
  const amount = rest.slice(0, rest.search(CITRUS)).trim() || '1';
  const zest = (match[2] ?? match[5]) ? [`${amount} ${fruit} zest`] : [];
  const juice = (match[3] ?? match[4]) ? [`${amount} ${fruit} juice`] : [];
  return [...zest, ...juice];
}

/** A weight, or failing that a volume, in the brackets beats what stands outside, unless that is a weight already. */
function bracketAmount(
  { brackets }: Segments,
  outside: Amount | undefined,
): { amount: Amount; pack: boolean } | undefined {
  if (outside?.unit && /^(?:gram|kilogram|ounce|pound)$/.test(outside.unit)) return undefined;
  for (const bracket of brackets) {
    if (/^(?:not|no|from|see|optional)\b/i.test(bracket)) continue;
    const amount = readAmount(
      bracket
        .split(/\s*[/;,]\s*(?=\d)/)[0]!
        .replace(/^(?:about|approx\.?|approximately|roughly|around|or|each)\s+/i, '')
        .replace(/(\d)-(?=[a-z])/gi, '$1 '),
    );
    const measured =
      amount.unit !== null &&
      (/^(?:gram|kilogram|ounce|pound|milliliter|liter|deciliter|centiliter)$/.test(amount.unit) ||
        amount.unit === 'fluid ounce');
    if (amount.quantity && measured)
      return {
        amount,
        pack:
          /\beach\b/i.test(bracket) ||
          PACK_WORDS.test(outside?.words ?? '') ||
          (outside?.unit !== null && PACK_WORDS.test(outside?.unit ?? '')),
      };
  }
  return undefined;
}

/** What is made of words that name nothing in the catalogue: it is kept, and asked about. */
export function unplaced(words: string): Item {
  return {
    ingredient: null,
    name: words,
    words,
    match: 'none',
    role: 'none',
    quantity: null,
    unit: null,
    grams: null,
    alternative: false,
  };
}

function found(
  words: string,
  reader: Reader,
  grams: Range | null,
  by: Measured['by'] | undefined,
  alternative: boolean,
): Found {
  const match = matchIngredient(words, reader.catalogue);
  if (!match) return { ...unplaced(words), grams: by === 'weight' ? grams : null, by, alternative };
  const { role } = getIngredient(reader.catalogue, match.ingredient);
  return {
    ingredient: match.ingredient,
    name: match.name,
    words,
    match: match.match,
    role,
    quantity: null,
    unit: null,
    grams,
    alternative,
    by,
  };
}

const times = (quantity: Range, factor: number): Range =>
  range(quantity.central * factor, quantity.low * factor, quantity.high * factor);

/** The things that one stretch of words names: "butter or margarine" is one and its stand-in, "salt and pepper" two. */
function named(
  words: string,
  reader: Reader,
  measure: (id: string) => Measured | undefined,
  optional: boolean,
): Found[] {
  const whole = matchIngredient(words, reader.catalogue);
  const pieces = whole?.match === 'exact' ? [words] : words.split(/\s+(?:or|and\/or)\s+/i);
  const [first = words, ...others] = pieces;
  const last = /[\p{L}'-]+$/u.exec(pieces.at(-1)!.trim())?.[0] ?? '';
  const head = matchIngredient(first, reader.catalogue) || others.length === 0 ? first : `${first} ${last}`;
  const both = whole?.match === 'exact' ? [head] : head.split(/\s+(?:and|&)\s+/i);
  const all = both.length > 1 && both.every((one) => matchIngredient(one, reader.catalogue)) ? both : [head];
  const main = all.map((one, at) => {
    const match = matchIngredient(one, reader.catalogue);
    const measured = at === 0 && !optional && match ? measure(match.ingredient) : undefined;
    return found(one, reader, measured?.grams ?? null, measured?.by, false);
  });
  return [...main, ...others.map((one) => found(one, reader, null, undefined, true))];
}

/** "milk, skimmed" is skimmed milk: a name may stand the other way round, with a comma. */
function turnedRound(words: string, preparation: string, { catalogue }: Reader): string {
  const [first = ''] = preparation.split(',');
  if (first === '' || first === words) return words;
  return (
    [`${words} ${preparation}`, `${words} ${first}`, `${first} ${words}`].find((name) =>
      isName(name, catalogue),
    ) ?? words
  );
}

/** "2 sheets gelatine" is leaf gelatine: the measure is part of the name. */
const asLeaves = (words: string, { unit }: Amount, { catalogue }: Reader): string =>
  unit === 'leaf' && isName(`${words} leaf`, catalogue) ? `${words} leaf` : words;

function readPieces(text: string, reader: Reader): Found[] {
  const segments = takeApart(text);
  const optional = FOR_THE_TIN.test(segments.bare);
  const amounts = segments.pieces.map((piece) => ({
    ...readAmount(piece.text),
    sign: piece.sign,
    times: piece.times,
  }));
  const first = amounts[0];
  const bracket = bracketAmount(segments, first);
  const result: Found[] = [];
  let waiting: typeof amounts = [];
  for (const amount of amounts) {
    waiting.push(amount);
    if (amount.words === '' && amount !== amounts.at(-1)) continue;
    const said = amount.words || waiting.find((one) => one.words)?.words || segments.preparation || text;
    const words = turnedRound(asLeaves(said, amount, reader), segments.preparation, reader);
    const described = `${words}, ${segments.preparation} ${segments.brackets.join(' ')}`;
    const parts =
      bracket && result.length === 0
        ? [
            {
              ...bracket.amount,
              sign: 1 as const,
              times: bracket.pack ? (first?.quantity?.central ?? 1) * (first?.times ?? 1) : 1,
            },
          ]
        : waiting;
    const [main, ...beside] = named(words, reader, (id) => total(parts, id, described, reader), optional);
    if (main) result.push({ ...main, ...measureOf(parts) }, ...beside);
    waiting = [];
  }
  return result;
}

/** One measure as it was written; of a sum there is none. */
function measureOf(parts: readonly (Amount & { times: number })[]): Pick<Item, 'quantity' | 'unit'> {
  const [only, ...more] = parts;
  if (!only?.quantity || more.length > 0) return { quantity: null, unit: null };
  return { quantity: times(only.quantity, only.times), unit: only.unit };
}

function total(
  parts: readonly (Amount & { sign: 1 | -1; times: number })[],
  id: string,
  words: string,
  reader: Reader,
): Measured | undefined {
  let sum: Measured | undefined;
  for (const { quantity, unit, sign, times: factor } of parts) {
    if (!quantity) continue;
    const one = weigh(times(quantity, factor), unit, id, words, reader.locale, reader.catalogue);
    if (!one) return undefined;
    const signed =
      sign === 1 ? one.grams : { central: -one.grams.central, low: -one.grams.high, high: -one.grams.low };
    sum = sum ? { grams: addRanges(sum.grams, signed), by: sum.by } : { ...one, grams: signed };
  }
  return sum && sum.grams.low >= 0 ? sum : undefined;
}

const without = ({ by: _, ...item }: Found): Item => item;

function read(source: string, reader: Reader): ReadLine {
  const clean = numbersFromWords(cleanLine(source));
  const items = juiceAndZest(clean).flatMap((text) => readPieces(text, reader));
  const by = items.find((item) => item.by)?.by ?? null;
  return { items: items.map(without), measuredBy: by, aside: FOR_THE_TIN.test(takeApart(clean).bare) };
}

/** Lines that were read with a catalogue, by place. */
const readers = new WeakMap<Catalogue, Map<Locale, (source: string) => ReadLine>>();
const MOST_LINES = 4000;

/** Reads one ingredient line. Never throws; what it can't place has no ingredient and stays to be asked about. */
export function readLine(source: string, reader: Reader): ReadLine {
  const byPlace = readers.get(reader.catalogue) ?? new Map<Locale, (source: string) => ReadLine>();
  readers.set(reader.catalogue, byPlace);
  const reading = byPlace.get(reader.locale) ?? remembered((line) => read(line, reader), MOST_LINES);
  byPlace.set(reader.locale, reading);
  return reading(source);
}
