import { getIngredient, type Catalogue } from '../catalogue';
import { addRanges, range, type Range } from '../quantity';
import { readAmount, type Amount } from './amount';
import { bracketAmount, PACK_WORDS } from './bracketAmount';
import { juiceAndZest } from './citrus';
import { cleanLine } from './clean';
import { weigh, type Measured, type Scales } from './grams';
import { isBareClaim, namesBlend } from './flourNames';
import { halvesOf } from './halves';
import { isName, matchIngredient, namesFood } from './match';
import { namedIn } from './named';
import { numbersFromWords } from './numberWords';
import { isTranslated, namesFirst, onlyDescribes, phrasesOf, type Phrase } from './phrasing';
import { remembered } from './remember';
import { takeApart, type Segments } from './segments';
import { sharesNoun } from './sharedNoun';
import { listed } from './listed';
import { madeUpOf } from './madeUp';
import { rowsOf } from './tableRow';
import type { Item, Line } from './types';

type ReadLine = Pick<Line, 'items' | 'measuredBy' | 'aside'>;
type Found = Item & { readonly by?: Measured['by'] };

/** A list that is numbered: "2. plain flour 200 g". */
const NUMBERED = /^\d{1,2}[.)]\s+(?=\p{L})/u;
const FOR_THE_TIN =
  /\bfor (?:the |your )?(?:dusting|greasing|rolling|sprinkling|coating|lining|brushing|frying|serving|(?:cake |loaf |muffin )?(?:tin|pan|tray|bench|board|surface|mould)s?|egg ?wash|(?:a )?glaze|glazing|brush)\b|\bto (?:serve|decorate|dust|grease|taste|glaze|brush|finish)\b/i;
const MEASURES = new Set([
  'gram',
  'kilogram',
  'ounce',
  'pound',
  'cup',
  'tablespoon',
  'teaspoon',
  'milliliter',
]);

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
    beside: null,
    alternative: false,
    aside: false,
  };
}

function found(
  words: string,
  reader: Scales,
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
    beside: null,
    alternative,
    aside: false,
    by,
  };
}

const times = (quantity: Range, factor: number): Range =>
  range(quantity.central * factor, quantity.low * factor, quantity.high * factor);

/** The things that one stretch of words names: "butter or margarine" is one and its stand-in, "salt and pepper" two. */
function named(
  words: string,
  reader: Scales,
  measure: (id: string) => Measured | undefined,
  optional: boolean,
): Found[] {
  const whole = matchIngredient(words, reader.catalogue);
  const pieces = whole?.match === 'exact' ? [words] : words.split(/\s+(?:or|and\/or)\s+/i);
  const [first = words, ...others] = pieces;
  const last = /[\p{L}'-]+$/u.exec(pieces.at(-1)!.trim())?.[0] ?? '';
  const alone = matchIngredient(first, reader.catalogue);
  const joined = matchIngredient(`${first} ${last}`, reader.catalogue);
  const sharesIt =
    others.length > 0 &&
    (!alone ||
      (alone.match === 'near' && joined?.match === 'exact') ||
      sharesNoun(first, others[0]!, last, reader.catalogue));
  const head = sharesIt ? `${first} ${last}` : first;
  const both = whole?.match === 'exact' ? [head] : head.split(/\s+(?:and|&|\+)\s+/i);
  const all = both.length > 1 && both.every((one) => matchIngredient(one, reader.catalogue)) ? both : [head];
  const main = all.map((one, at) => {
    const match = matchIngredient(one, reader.catalogue);
    const measured = at === 0 && !optional && match ? measure(match.ingredient) : undefined;
    return found(one, reader, measured?.grams ?? null, measured?.by, false);
  });
  return [...main, ...others.map((one) => found(one, reader, null, undefined, true))];
}

/** "milk, skimmed" is skimmed milk: a name may stand the other way round, with a comma. */
function turnedRound(words: string, preparation: string, { catalogue }: Scales): string {
  const [first = ''] = preparation.split(',');
  if (first === '' || first === words) return words;
  return (
    [`${words} ${preparation}`, `${words} ${first}`, `${first} ${words}`].find((name) =>
      isName(name, catalogue),
    ) ?? words
  );
}

/** "plain flour (gluten-free)" is one name: a claim in brackets belongs to the flour before it. */
function withClaim(words: string, { brackets }: Segments): string {
  const claimed = brackets.some(isBareClaim) ? `gluten-free ${words}` : words;
  return namesBlend(claimed) ? claimed : words;
}

/** "150 g koude boter (cold butter)": a name that nobody here knows, with one that is known beside it. */
const besideIt = (words: string, { brackets }: Segments, { catalogue }: Scales): string =>
  matchIngredient(words, catalogue) ? words : (brackets.find((one) => namesFood(one, catalogue)) ?? words);

/** "2 sheets gelatine" is leaf gelatine: the measure is part of the name. */
const asLeaves = (words: string, { unit }: Amount, { catalogue }: Scales): string =>
  unit === 'leaf' && isName(`${words} leaf`, catalogue) ? `${words} leaf` : words;

function readPieces(text: string, reader: Scales): Found[] {
  const segments = takeApart(text);
  const optional = FOR_THE_TIN.test(segments.bare);
  const amounts = segments.pieces.map((piece) => ({
    ...readAmount(piece.text),
    sign: piece.sign,
    times: piece.times,
  }));
  const first = amounts[0];
  const bracket = bracketAmount(segments, first);
  const packed = PACK_WORDS.test(segments.bare);
  const result: Found[] = [];
  let waiting: typeof amounts = [];
  for (const amount of amounts) {
    waiting.push(amount);
    if (amount.words === '' && amount !== amounts.at(-1)) continue;
    const said = amount.words || waiting.find((one) => one.words)?.words || segments.preparation || text;
    const words = besideIt(
      withClaim(turnedRound(asLeaves(said, amount, reader), segments.preparation, reader), segments),
      segments,
      reader,
    );
    const described = `${words}, ${bracket?.used ? '' : segments.preparation} ${segments.brackets.join(' ')} ${packed && !bracket?.used ? 'can' : ''}`;
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
    const unmeasured = optional && parts.every(({ unit }) => unit === null);
    const [main, ...others] = named(words, reader, (id) => total(parts, id, described, reader), unmeasured);
    const beside =
      result.length === 0 && main?.ingredient && main.grams
        ? otherWeight(segments, bracket, waiting, main.ingredient, described, reader)
        : null;
    if (main) result.push({ ...main, ...measureOf(parts), beside }, ...others);
    waiting = [];
  }
  return result;
}

/** What the measure that was not taken would make it weigh: a volume before a weight, a second weight after a stroke. */
function otherWeight(
  { brackets, dual }: Segments,
  taken: ReturnType<typeof bracketAmount>,
  outside: readonly (Amount & { sign: 1 | -1; times: number })[],
  id: string,
  words: string,
  reader: Scales,
): Range | null {
  if (taken) return taken.pack ? null : (total(outside, id, words, reader)?.grams ?? null);
  const said = [dual, ...brackets].find((text) => text && readAmount(text).unit);
  const amount = said ? readAmount(said) : undefined;
  if (!amount?.unit || !MEASURES.has(amount.unit) || /\beach\b/i.test(said ?? '')) return null;
  return total([{ ...amount, sign: 1, times: 1 }], id, words, reader)?.grams ?? null;
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
  reader: Scales,
): Measured | undefined {
  let sum: Measured | undefined;
  for (const { quantity, unit, sign, times: factor } of parts) {
    if (!quantity) continue;
    const one = weigh(times(quantity, factor), unit, id, words, reader);
    if (!one) return undefined;
    const signed =
      sign === 1 ? one.grams : { central: -one.grams.central, low: -one.grams.high, high: -one.grams.low };
    sum = sum ? { grams: addRanges(sum.grams, signed), by: sum.by } : { ...one, grams: signed };
  }
  return sum && sum.grams.low >= 0 ? sum : undefined;
}

const without = ({ by: _, ...item }: Found): Item => item;

/** What stands instead of something else is named for the guard and weighs nothing. */
function asPhrased(item: Found, { as }: Phrase): Found {
  if (as === 'alternative') return { ...item, alternative: true, grams: null, beside: null };
  return as === 'aside' ? { ...item, aside: true } : item;
}

/** "1 egg yolk + 1 tbsp milk to glaze": both are for it. */
const GLAZE =
  /^[^,;]+(?:(?:\+|&|\band\b)(?!\s*[\d./½¼¾]+ ?\p{L}{0,5}\.? for\b)|\bwith\b|\bbeaten\b)[^,;]+\b(?:to glaze|to brush|for (?:glazing|brushing)|egg ?wash)\W*$/iu;

/** "100 g sugar and 2 tsp cinnamon, to coat": both come to the bake, and not into it. */
const BOTH_BESIDE =
  /^[^,;]+(?:\+|&|\band\b)(?:[^,;]+,\s+to (?:coat|serve|finish|decorate|dust)|(?!\s*[\d./½¼¾]+ ?\p{L}{0,5}\.? for\b)(?=\s*[\d½¼¾⅓⅔])[^,;]+,?\s+for (?:coating|dusting|rolling|sprinkling|serving))\W*$/iu;

function read(source: string, reader: Scales): ReadLine {
  const ears = {
    knows: (words: string) => namesFood(words, reader.catalogue),
    mentions: (words: string) => words !== '' && namedIn(words, reader.catalogue).length > 0,
  };
  const phrases = rowsOf(source)
    .flatMap((row) => namesFirst(cleanLine(row).replace(NUMBERED, ''), ears.knows))
    .flatMap((row) => madeUpOf(row, reader.locale))
    .flatMap((row) => phrasesOf(numbersFromWords(row), ears));
  const beside = [GLAZE, BOTH_BESIDE].some((form) => form.test(cleanLine(source)));
  const isForTheTin = (text: string) => FOR_THE_TIN.test(takeApart(text).bare);
  const lists = phrases.map((phrase) => ({
    phrase,
    pieces: listed(phrase.text, reader).flatMap((piece) => madeUpOf(piece, reader.locale)),
  }));
  // Beside a list what is mixed into its last thing is a piece as well.
  const several = lists.some(({ phrase, pieces }) => phrase.as !== 'alternative' && pieces.length > 1);
  const items = lists.flatMap(({ phrase, pieces }) =>
    // A thing of a list may itself be said in two phrases: "1 egg, plus 1 for glazing".
    pieces
      .flatMap((piece) =>
        pieces.length > 1
          ? phrasesOf(piece, ears).map((one) => ({ ...one, piece: piece.trim() }))
          : [
              {
                ...phrase,
                text: piece,
                ...(several && phrase.as !== 'alternative' ? { piece: piece.trim() } : {}),
              },
            ],
      )
      .flatMap(({ piece, ...one }: Phrase & { readonly piece?: string }) => {
        const as: Phrase = pieces.length > 1 && isForTheTin(one.text) ? { ...one, as: 'aside' } : one;
        return halvesOf(one.text)
          .flatMap(juiceAndZest)
          .flatMap((text) => readPieces(numbersFromWords(text), reader))
          .map((item) => asPhrased(asPhrased(item, phrase), beside ? { ...as, as: 'aside' } : as))
          .map((item) => (piece === undefined ? item : { ...item, piece }));
      }),
  );
  const by = items.find((item) => item.by)?.by ?? null;
  const [first] = lists;
  const aside = first?.pieces.length === 1 && isForTheTin(first.phrase.text);
  const said = items.filter(
    // "2 apples, 1 grated and 1 diced" names nothing more.
    ({ ingredient, words }, at) => at === 0 || ingredient !== null || !onlyDescribes(words),
  );
  return { items: said.map(without), measuredBy: by, aside };
}

const MOST_LINES = 4000;
const foreign = new WeakMap<Catalogue, (source: string) => boolean>();

/** True for a line that is read by its words in another language. */
export function isForeign(source: string, catalogue: Catalogue): boolean {
  const known =
    foreign.get(catalogue) ??
    remembered((line) => isTranslated(cleanLine(line), (words) => namesFood(words, catalogue)), MOST_LINES);
  foreign.set(catalogue, known);
  return known(source);
}

/** Lines that were read with a catalogue, by place and egg. */
const readers = new WeakMap<Catalogue, Map<string, (source: string) => ReadLine>>();

/** Reads one ingredient line. Never throws; what it can't place has no ingredient and stays to be asked about. */
export function readLine(source: string, reader: Scales): ReadLine {
  const byPlace = readers.get(reader.catalogue) ?? new Map<string, (source: string) => ReadLine>();
  readers.set(reader.catalogue, byPlace);
  const key = `${reader.locale} ${reader.eggSize}`;
  const reading = byPlace.get(key) ?? remembered((line) => read(line, reader), MOST_LINES);
  byPlace.set(key, reading);
  return reading(source);
}
