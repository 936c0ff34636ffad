import { getIngredient, plainId, type Catalogue } from '../catalogue';
import { findStandIn, STARCH_FOR, type ConvertedPart } from '../balance';
import { lineFactor, type FormulaLine } from '../formula';
import type { ConversionRequest } from '../kitchen';
import { kitchenVolume, range, roundGrams, sayFraction, US_CUP_ML } from '../quantity';
import {
  lastWordOf,
  namedIn,
  ofItem,
  sourceOf,
  tokensOf,
  writtenOut,
  type Item,
  type Line,
  type Part,
} from '../read';
import { docketLineWords } from './lineWords';
import { listWords, type From } from './listWords';
import type { Locale } from '../vocabulary';
import { readProcess } from '../process';
import { countOf, prepOf, useOf } from './lineFacts';
import { withoutAvoided } from './orElse';
import type { Work } from './plan';
import { withTwinsTogether } from './twins';
import { madeOf, spokenName } from './written';
import { localName } from './localShifts';
import type { DocketLine } from './types';

const SPOON_ROLES = new Set([
  'wheat-flour',
  'gf-flour',
  'starch',
  'binder',
  'sugar',
  'syrup',
  'fat',
  'liquid',
  'leavener',
  'acid',
  'salt',
  'flavour',
  'chocolate-cocoa',
]);
/** A change smaller than this is no change: rounding. */
const SAME = 0.005;

/** Measures that a kitchen there has; a tablespoon of Australia is another. */
const MEASURES_OF: Readonly<Record<Locale, RegExp>> = {
  US: /./,
  UK: /^(?!.*cup)/,
  AU: /^(?!.*(?:cup|tbsp))/,
  metric: /^(?!.*cup)/,
};

/** Teaspoons are alike everywhere; more than a few are none that anybody counts. */
const MOST_TEASPOONS = 6;
const TEASPOON_ML = 5;
function byTeaspoon(ml: number): string | null {
  const spoons = Math.round((4 * ml) / TEASPOON_ML) / 4;
  const near = Math.abs((spoons * TEASPOON_ML) / ml - 1) <= 0.05;
  return near && spoons >= 1 && spoons <= MOST_TEASPOONS ? `${sayFraction(spoons)} tsp` : null;
}

/** How an ingredient is measured by volume: grams in its usual cup, and an amount in kitchen fractions. Null for what isn't spooned, or not there. */
function volumeOf(
  id: string,
  grams: number,
  catalogue: Catalogue,
  locale: Locale,
): Pick<DocketLine, 'volume' | 'cupGrams'> {
  const { cup, role } = getIngredient(catalogue, id);
  const usual = Object.values(cup)[0];
  if (!usual || !SPOON_ROLES.has(role)) return { volume: null, cupGrams: null };
  const volume = kitchenVolume((grams / usual[0]) * US_CUP_ML);
  const here = volume !== null && MEASURES_OF[locale].test(volume);
  return { volume: here ? volume : byTeaspoon((grams / usual[0]) * US_CUP_ML), cupGrams: usual[0] };
}

function weighedLine(
  line: FormulaLine,
  from: readonly FormulaLine[],
  sources: ReadonlyMap<string, string>,
  fixed: ReadonlySet<string>,
  catalogue: Catalogue,
  locale: Locale,
): DocketLine {
  const before = from.find((one) => one.line === line.line);
  const same =
    before !== undefined &&
    before.ingredient === line.ingredient &&
    Math.abs(before.grams - line.grams) <= SAME * before.grams;
  const grams = roundGrams(line.grams);
  return {
    id: line.line,
    ingredient: line.ingredient,
    name: line.name,
    grams: range(grams, roundGrams(line.low), roundGrams(line.high)),
    ...volumeOf(line.ingredient, line.grams, catalogue, locale),
    source: sources.get(line.line) ?? null,
    changed: !same,
    overruled: fixed.has(line.line),
  };
}

/** Something that isn't in the formula ("flour for dusting", "salt", cream to serve): kept, or its stand-in by name. */
function unweighed(
  line: Line,
  item: Item,
  at: number,
  request: ConversionRequest,
  catalogue: Catalogue,
): DocketLine {
  const id = ofItem(line.id, at);
  const weighed = (ratio: number) =>
    item.grams &&
    range(
      roundGrams(item.grams.central * ratio),
      roundGrams(item.grams.low * ratio),
      roundGrams(item.grams.high * ratio),
    );
  const base = { id, grams: weighed(1), volume: null, cupGrams: null, source: line.source, overruled: false };
  if (item.ingredient === null) return { ...base, ingredient: null, name: item.words, changed: false };
  const flour = getIngredient(catalogue, item.ingredient);
  if (flour.role === 'wheat-flour' && flour.gluten === 'contains') {
    const dust = getIngredient(catalogue, STARCH_FOR[request.diet].dusts);
    return { ...base, ingredient: dust.id, name: dust.name, changed: true };
  }
  // Egg that isn't in the batter is brushed on it.
  const row = findStandIn(item.ingredient, request, catalogue, 'glazes');
  const [first] = row?.to ?? [];
  const now = first ? getIngredient(catalogue, first.ingredient) : undefined;
  return {
    ...base,
    grams: weighed(first?.ratio ?? 1),
    ingredient: now?.id ?? item.ingredient,
    name: now?.name ?? item.name,
    changed: now !== undefined,
  };
}

/** What each of some lines is made into first, by its id: "water, for the flax gel" is no other water's. */
function madeInto(lines: readonly DocketLine[]): ReadonlyMap<string, string> {
  const standsFor = ({ id }: DocketLine) => {
    const { line, at } = sourceOf(id);
    return ofItem(line, at);
  };
  return new Map(
    [...new Set(lines.map(standsFor))].flatMap((id) => {
      const made = madeOf(lines.filter((one) => standsFor(one) === id));
      if (!made) return [];
      const name = made.how.name(made.lines.map((one) => spokenName(one.name)));
      // "Cider, for the cider with coffee" says it twice.
      const echoed = (one: DocketLine) => name.split(' ').includes(lastWordOf(spokenName(one.name)));
      return made.lines.flatMap((one) => (echoed(one) ? [] : [[one.id, `, for the ${name}`] as const]));
    }),
  );
}

/** "Jam, to serve" under "to serve" says it twice. */
function withoutHeading(words: string, { grams }: DocketLine, { name }: Part): string {
  const said = `, ${(name ?? '').toLowerCase()}`;
  return grams === null && said.length > 2 && words.toLowerCase().endsWith(said)
    ? words.slice(0, -said.length)
    : words;
}

/** Oats are milled beside wheat as a rule: the list says which to take. */
const certifiedOats = ({ ingredient }: DocketLine, said: string, catalogue: Catalogue): string =>
  ingredient !== null &&
  getIngredient(catalogue, ingredient).allergens.includes('oats') &&
  !/\bcertified\b|\bgluten[- ]free\b|\bGF\b/i.test(said)
    ? ', certified gluten-free'
    : '';

/** What shares an item's stretch of its line. */
const alone = ({ items }: Line, { piece }: Item): readonly Item[] =>
  items.filter((one) => one.piece === piece);

/** What each of a part's items is to the docket's line of its id. */
function fromIn(part: Part, request: ConversionRequest, catalogue: Catalogue): ReadonlyMap<string, From> {
  const entries = part.lines.flatMap((line) =>
    line.items.map((item, at): readonly [string, From] => {
      const others = alone(line, item).some((one) => one !== item && !one.alternative);
      const says = line.items.length === 1 ? writtenOut(line.source) : line.source;
      // Put right by hand, or read through a slip, it isn't what the words say.
      const named =
        item.ingredient === null ||
        tokensOf(says).includes(lastWordOf(item.name.split(',')[0]!)) ||
        namedIn(says, catalogue).some((one) => plainId(one.ingredient) === plainId(item.ingredient!));
      const { piece } = item;
      const scaled = lineFactor(request.scale, line.id) !== 1;
      return [
        ofItem(line.id, at),
        {
          line:
            piece === undefined ? line : { ...line, source: piece, wrapped: piece, items: alone(line, item) },
          page: line,
          item,
          scaled,
          whole: named && !others && !scaled,
        },
      ];
    }),
  );
  return new Map(entries);
}

/** The docket's lines of a part: in the recipe's order, new ones where they belong, things without weight kept. */
export function docketLines(
  part: Part,
  converted: ConvertedPart,
  request: ConversionRequest,
  { catalogue, recipe, kitchen }: Pick<Work, 'catalogue' | 'recipe' | 'kitchen'>,
): DocketLine[] {
  const { locale } = recipe;
  const process = readProcess(recipe, kitchen);
  const from = fromIn(part, request, catalogue);
  const sources = new Map([...from].map(([id, { line }]) => [id, line.source]));
  const fixed = new Set(request.overrides.map(({ line }) => line));
  const weighed = converted.lines.map((line) =>
    weighedLine(line, converted.original, sources, fixed, catalogue, locale),
  );
  const loose = part.lines.flatMap((line) =>
    line.items.flatMap((item, at) =>
      item.alternative || (!line.aside && !item.aside && item.ingredient !== null && item.grams)
        ? []
        : [unweighed(line, item, at, request, catalogue)],
    ),
  );
  const here = (one: DocketLine): DocketLine => ({
    ...one,
    name: localName(one, locale),
  });
  const named = {
    name: part.name,
    kind: process.mixtures.find((one) => one.part === part.id)?.family.id ?? null,
  };
  const made = madeInto(weighed.map(here));
  const once = withTwinsTogether(weighed, process, (id, grams) => volumeOf(id, grams, catalogue, locale));
  return [...once, ...loose].map(here).map((one) => {
    const own = from.get(one.id);
    const words = withoutAvoided(
      withoutHeading(listWords(one, own, catalogue), one, part),
      one.ingredient,
      request,
      catalogue,
    );
    const said: DocketLine = {
      ...one,
      words: `${words}${certifiedOats(one, words, catalogue)}${made.get(one.id) ?? ''}`,
      count: countOf(one, own, catalogue),
      prep: own?.item.ingredient === one.ingredient ? prepOf(own, catalogue) : null,
      for: useOf(one.id, own, named, process),
    };
    return { ...said, text: docketLineWords(said) };
  });
}
