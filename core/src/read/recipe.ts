import type { Catalogue } from '../catalogue';
import { catalogueOf, type Kitchen, type LineCorrection, type SourceLine } from '../kitchen';
import type { Locale, PageKind } from '../vocabulary';
import { anotherRecipe, findDoubts, otherLanguage, unsureKinds } from './doubts';
import { asMuchAsBefore, saysAsMuch } from './asMuch';
import { correctLine } from './corrections';
import { carryIds } from './ids';
import type { Scales } from './grams';
import { isForeign, readLine } from './line';
import { inferLocale } from './locale';
import { namesFood } from './match';
import { kindsOf, pageText, secondRecipe, type KindOfLine } from './page';
import { bindingsOf, regrouped } from './bindings';
import { toParts } from './parts';
import { placesOf, type Place } from './places';
import { readProse } from './prose';
import { behindItsList } from './behindItsList';
import { withItsList } from './deedOverList';
import { weighedByShares } from './bakersPercentages';
import { withColumnUnits } from './columnUnits';
import { joinWrapped } from './continued';
import { inPots } from './inPots';
import { withoutMadeHere } from './madeHere';
import { namedAgain } from './namedAgain';
import type { Line, Recipe, Step, TakenFor } from './types';
import { tellsADeed } from './tellsADeed';
import { readTimes } from './times';
import { titleOf } from './title';
import { readYield } from './yields';

export interface ReadOptions {
  readonly kitchen: Kitchen;
  readonly newId: () => string;
  /** The lines as they stood when the recipe was last read, so that their ids stay. */
  readonly previous?: readonly SourceLine[];
  readonly corrections?: readonly LineCorrection[];
  /** Null or nothing: infer it. */
  readonly locale?: Locale | null;
}

export interface ReadResult {
  readonly recipe: Recipe;
  /** Every non-blank line with its id, to be kept with the recipe. */
  readonly lines: readonly SourceLine[];
}

interface Placed extends SourceLine {
  readonly place: Place;
  /** What is read of it: its own text with what was wrapped; null for a line that goes on with the one above. */
  readonly whole: string | null;
  /** Its own text with what was wrapped, where anything was. */
  readonly wrapped: string | null;
}

/** A recipe's text has at most so many lines that are read; the rest are notes. */
const MOST_LINES = 1000;
/** A line of fewer words is no sentence about foods. */
const SENTENCE_WORDS = 9;

function emptyLine({ id, source }: SourceLine, kind: Line['kind']): Line {
  return { id, source, kind, items: [], measuredBy: null, aside: false };
}

function toLine(
  line: Placed,
  before: Line | undefined,
  reader: Scales,
  corrections: ReadonlyMap<string, LineCorrection>,
): Line {
  const correction = corrections.get(line.id);
  switch (line.place) {
    case 'heading':
      return emptyLine(line, 'heading');
    case 'prose':
      return { ...emptyLine(line, 'ingredient'), ...readProse(line.source, reader) };
    case 'ingredient': {
      const food = emptyLine(line, 'ingredient');
      return correctLine(
        line.whole === null
          ? food
          : {
              ...food,
              ...(line.wrapped === null ? {} : { wrapped: line.wrapped }),
              ...readFoods(line.whole, before, reader),
            },
        correction,
        reader,
      );
    }
    default:
      return emptyLine(line, 'note');
  }
}

/** "Crème pâtissière (see below)" is what another part of the page makes: the line without it. */
const MADE_ELSEWHERE =
  /(^|[:,;|]\s*)[^:,;|]*\((?:see |recipe |made |from |as )?(?:the )?(?:recipe )?(?:below|above|overleaf)\)\s*(?:[,;|]\s*|$)/gi;
/** "2 cans biscuit dough -- or the dough below": what the page tells to make is made. */
const OR_MADE_HERE =
  /^.*\bor (?:use |make )?(?:the|my|our) (?:\p{L}+ ){0,2}?(?:dough|recipe|crust|pastry|sauce|custard|version|one) below\W*$/iu;
const withoutReferences = (line: string): string =>
  OR_MADE_HERE.test(line) ? '' : line.replace(MADE_ELSEWHERE, '$1').trim();

/** A line of food; one that turns out to be a sentence about several is read as one. */
function readFoods(
  written: string,
  before: Line | undefined,
  reader: Scales,
): Pick<Line, 'items' | 'measuredBy' | 'aside'> {
  const whole = withoutReferences(written);
  if (whole === '') return { items: [], measuredBy: null, aside: false };
  const last = before?.items.findLast(({ grams }) => grams);
  const asMuch = asMuchAsBefore(whole, last ? { source: before!.source, item: last } : null, reader);
  if (asMuch.length > 0) return { items: asMuch, measuredBy: 'weight', aside: false };
  const line = readLine(whole, reader);
  const weighed = ({ items }: Pick<Line, 'items'>) => items.filter(({ grams }) => grams).length;
  const saysMore = weighed(line) === 0 ? whole.split(' ').length >= SENTENCE_WORDS : saysAsMuch(whole);
  if (!saysMore) return line;
  const sentence = readProse(whole, reader);
  return weighed(sentence) > Math.max(1, weighed(line)) ? sentence : line;
}

/** What a person has said that a line is: outright, or by saying what food it is, or what is done there. */
function saidOf({ kind, line: _, family: __, bake, takes, ...food }: LineCorrection): PageKind | undefined {
  if (kind) return kind;
  if (bake !== undefined || takes !== undefined) return 'step';
  return Object.keys(food).length > 0 ? 'ingredient' : undefined;
}

interface Page {
  readonly lines: readonly SourceLine[];
  readonly kinds: readonly KindOfLine[];
  /** Where another recipe seems to begin. */
  readonly second: SourceLine | null;
  readonly placed: readonly Placed[];
}

/** The page as a whole: its lines with ids, kinds and places. */
function readPage(
  text: string,
  catalogue: Catalogue,
  { previous = [], corrections = [], newId }: ReadOptions,
): Page {
  const { sources, gaps } = pageText(text);
  const lines = carryIds(previous, sources, newId);
  const places = new Map(lines.map(({ id }, n) => [id, n]));
  const held = new Map(
    corrections.flatMap((one): [number, PageKind][] => {
      const [n, kind] = [places.get(one.line), saidOf(one)];
      return n === undefined || kind === undefined ? [] : [[n, kind]];
    }),
  );
  const read = kindsOf(sources.slice(0, MOST_LINES), gaps, catalogue, held);
  const kinds = sources.map((_, n): KindOfLine => read[n] ?? { kind: 'note', sure: 1, or: 'note' });
  const where = placesOf(
    sources,
    kinds.map(({ kind }) => kind),
  );
  const joined = withColumnUnits(joinWrapped(sources, where, (words) => namesFood(words, catalogue)));
  const whole = weighedByShares(namedAgain(inPots(joined), where));
  const second = secondRecipe(
    sources,
    kinds.map(({ kind }) => kind),
    gaps,
  );
  return {
    lines,
    kinds,
    second: second === null ? null : lines[second]!,
    placed: lines.map((line, n) => ({
      ...line,
      place: where[n]!,
      whole: whole[n]!,
      wrapped:
        where[n] === 'ingredient' && joined[n] !== null && joined[n] !== line.source ? joined[n]! : null,
    })),
  };
}

/** Flour that a sentence names again without an amount is the flour that another sentence weighs. */
function saidOnce(lines: readonly Line[], prose: ReadonlySet<string>): Line[] {
  const weighed = lines.some(({ items }) => items.some(({ role, grams }) => role === 'wheat-flour' && grams));
  return lines.map((line) =>
    weighed && prose.has(line.id)
      ? { ...line, items: line.items.filter(({ role, grams }) => role !== 'wheat-flour' || grams) }
      : line,
  );
}

/** "STEP 1", "2.": what only numbers the step that follows it. */
const NUMBERS_A_STEP = /^\W*(?:(?:step|stage)\s*)?\d{1,2}\W*$/i;

/** "Aunt Jo, church cookbook p. 112": where it was found. */
const FOUND_IN = /\b(?:p|pp|pg|page)\.? ?\d{1,3}\W*$|\b(?:cook ?book|magazine|newsletter)\b[^.]*$/i;

/** So many things without a deed are a list. */
const A_LIST = 3;
/** What the method tells: its steps, less what only numbers them, and sentences of prose; a list on one line is a list. */
const isTold = ({ place, source }: { readonly place: string; readonly source: string }, reader: Scales) =>
  place === 'method'
    ? !NUMBERS_A_STEP.test(source) && !(FOUND_IN.test(source) && !tellsADeed(source))
    : place === 'prose' &&
      (tellsADeed(source) ||
        behindItsList(source) !== source ||
        readProse(source, reader).items.length < A_LIST);

/** "Thick in the middle, crisp at the rim": what stands above a list and does nothing praises the bake. */
const isBlurb = ({ place, source }: Placed, above: boolean): boolean =>
  above && place === 'prose' && !tellsADeed(source);

/**
 * Reads a recipe's text. Never throws: each non-blank line ends up as an ingredient, a heading, a note (the title among
 * them) or a step, in its order and as it was written. Prose stands twice: with its foods, and as a step.
 */
export function readRecipe(text: string, options: ReadOptions): ReadResult {
  const { kitchen, corrections = [], locale } = options;
  const catalogue = catalogueOf(kitchen);
  const { lines, kinds, placed, second } = readPage(text, catalogue, options);
  const place = locale ?? inferLocale(text, kitchen.locale);
  const reader: Scales = { catalogue, locale: place, eggSize: kitchen.eggSize };
  const byLine = new Map(corrections.map((one) => [one.line, one]));
  const list = placed.findIndex(({ place: where }) => where === 'ingredient');
  const steps = placed
    .filter((line, at) => isTold(line, reader) && !isBlurb(line, at < list))
    .map((line): Step => ({ id: line.id, source: behindItsList(withItsList(line, placed)) }));
  const prose = new Set(placed.filter(({ place: where }) => where === 'prose').map(({ id }) => id));
  const listed: Line[] = [];
  for (const line of placed)
    if (line.place !== 'method') listed.push(toLine(line, listed.at(-1), reader, byLine));
  const read = saidOnce(listed, prose);
  const title = titleOf(placed, steps);
  const about = read.filter(({ kind }) => kind !== 'ingredient').map(({ source }) => source);
  const parts = withoutMadeHere(regrouped(toParts(read), corrections));
  const standing = new Set([...read, ...steps].map(({ id }) => id));
  const foreign = read.find((line) => line.kind === 'ingredient' && isForeign(line.source, catalogue));
  return {
    lines,
    recipe: {
      schema: 1,
      title,
      locale: place,
      parts,
      method: steps,
      yields: readYield(lines.map(({ source }, n) => ({ source, kind: kinds[n]!.kind }))),
      times: readTimes(about),
      kinds: lines.map(({ id, source }, n) => ({
        line: id,
        ...kinds[n]!,
        ...(standing.has(id) ? {} : { source }),
      })),
      bindings: bindingsOf(corrections),
      doubts: [
        ...unsureKinds(lines, kinds),
        ...(second ? [anotherRecipe(second)] : []),
        ...(foreign ? [otherLanguage(foreign)] : []),
        ...findDoubts(parts, catalogue),
      ],
    },
  };
}

/** Every ingredient line of a recipe, part by part. */
export const ingredientLines = (recipe: Recipe): readonly Line[] =>
  recipe.parts.flatMap((part) => part.lines.filter((line) => line.kind === 'ingredient'));

/** A line of the page with what it was taken for. */
export interface PageLine extends TakenFor {
  readonly source: string;
}

/** Every line of the page that isn't blank, in its order, with what it was taken for. */
export function pageLines({ kinds, parts, method }: Recipe): PageLine[] {
  const sources = new Map(
    [...parts.flatMap(({ lines }) => lines), ...method].map(({ id, source }) => [id, source]),
  );
  return kinds.map((one) => ({ ...one, source: sources.get(one.line) ?? one.source ?? '' }));
}
