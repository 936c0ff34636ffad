import type { Catalogue } from '../catalogue';
import { catalogueOf, type Kitchen, type LineCorrection, type SourceLine } from '../kitchen';
import type { Locale } from '../vocabulary';
import { readCues } from './cues';
import { usesOf } from './divided';
import { findDoubts } from './doubts';
import { cleanLine } from './clean';
import { correctLine } from './corrections';
import { guessFamily } from './family';
import { carryIds } from './ids';
import type { Scales } from './grams';
import { readLine } from './line';
import { inferLocale } from './locale';
import { matchIngredient } from './match';
import { readBake } from './bakeFacts';
import { sortLines, type LineSort } from './sections';
import type { Line, Part, Recipe, Step } from './types';
import { readTimes, readYield } from './yieldAndTimes';

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

interface Sorted extends SourceLine {
  readonly sort: LineSort;
}

/** A recipe's text has at most so many lines that are read; the rest are notes. */
const MOST_LINES = 1000;

function emptyLine({ id, source }: SourceLine, kind: Line['kind']): Line {
  return { id, source, kind, items: [], measuredBy: null, aside: false, uses: [] };
}

function toLine(line: Sorted, reader: Scales, corrections: ReadonlyMap<string, LineCorrection>): Line {
  const correction = corrections.get(line.id);
  if (line.sort === 'heading') return emptyLine(line, 'heading');
  const read =
    line.sort === 'ingredient' || correction
      ? { ...emptyLine(line, 'ingredient'), ...readLine(line.source, reader) }
      : emptyLine(line, 'note');
  return correctLine(read, correction, reader);
}

const withUses = (line: Line, steps: readonly Step[], reader: Scales): Line => {
  const uses = usesOf(line, steps, reader);
  return uses.length === 0 ? line : { ...line, uses };
};

const partName = (source: string) =>
  cleanLine(source)
    .replace(/:$/, '')
    .replace(/^for (?:the|a|your) /i, '')
    .trim();

function toParts(lines: readonly Line[]): Part[] {
  const parts: { id: string; name: string | null; lines: Line[] }[] = [];
  for (const line of lines) {
    const open = parts.at(-1);
    if (line.kind === 'heading' && open?.lines.some((one) => one.kind === 'ingredient'))
      parts.push({ id: line.id, name: partName(line.source), lines: [line] });
    else if (!open)
      parts.push({
        id: line.id,
        name: line.kind === 'heading' ? partName(line.source) : null,
        lines: [line],
      });
    else {
      if (line.kind === 'heading') open.name = partName(line.source);
      open.lines.push(line);
    }
  }
  return parts;
}

/** A name that a first line could be an ingredient by, and not the name of a bake. */
function plainName(words: string, catalogue: Catalogue): boolean {
  const match = matchIngredient(words, catalogue);
  return match?.match === 'exact' && catalogue.byId.get(match.ingredient)?.role !== 'inclusion';
}

/**
 * Reads a recipe's text. Never throws: each non-blank line ends up in exactly one place, as an ingredient, a heading, a
 * note (the title among them) or a step, in its order and as it was written.
 */
export function readRecipe(
  text: string,
  { kitchen, newId, previous = [], corrections = [], locale }: ReadOptions,
): ReadResult {
  const catalogue = catalogueOf(kitchen);
  const sources = text.split(/\r\n|[\n\r\u2028\u2029]/).filter((line) => line.trim() !== '');
  const lines = carryIds(previous, sources, newId);
  const sorts = sortLines(sources.slice(0, MOST_LINES), (words) => plainName(words, catalogue));
  const sorted = lines.map((line, at): Sorted => ({ ...line, sort: sorts[at] ?? 'note' }));
  const place = locale ?? inferLocale(text, kitchen.locale);
  const reader: Scales = { catalogue, locale: place, eggSize: kitchen.eggSize };
  const byLine = new Map(corrections.map((one) => [one.line, one]));
  const steps: Step[] = sorted
    .filter(({ sort, id }) => sort === 'method' && !byLine.has(id))
    .map(({ id, source }) => ({ id, source }));
  const taken = new Set(steps.map(({ id }) => id));
  const read = sorted
    .filter(({ id }) => !taken.has(id))
    .map((line) => toLine(line, reader, byLine))
    .map((line) => withUses(line, steps, reader));
  const title = cleanLine(sorted.find(({ sort }) => sort === 'title')?.source ?? '').replace(/^#+\s*/, '');
  const method = steps.map(({ source }) => source).join(' ');
  const about = read.filter(({ kind }) => kind !== 'ingredient').map(({ source }) => source);
  const family = guessFamily(
    `${title} ${about.filter((one) => /^(?:makes|serves|yield)/i.test(one)).join(' ')}`,
    read,
    method,
    catalogue,
  );
  const parts = toParts(read);
  const bake = readBake([title, ...about, ...steps.map(({ source }) => source)]);
  return {
    lines,
    recipe: {
      schema: 1,
      title,
      locale: place,
      family,
      parts,
      method: steps,
      bake,
      yields: readYield([...about, title]),
      times: readTimes(about),
      cues: readCues(steps),
      doubts: findDoubts({ parts, method: steps, bake, family: family.id, ratios: family.ratios }, catalogue),
    },
  };
}

/** Every ingredient line of a recipe, part by part. */
export const ingredientLines = (recipe: Recipe): readonly Line[] =>
  recipe.parts.flatMap((part) => part.lines.filter((line) => line.kind === 'ingredient'));
