import { cleanLine } from './clean';
import { NAMES_A_BAKE } from './page';
import type { Place } from './places';
import type { Step } from './types';
import { nameAndYield } from './yields';

const IN_CAPITALS = /(?<=[\p{Ll}:,] )\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’-]+){1,4}/gu;
const CALLED_FIRST = /^\s*(\p{Lu}[\p{Lu}'’ &-]{3,40})[.:](?=\s)/u;

/** A title without what stands around it: marks, strokes of a table, "Recipe:", little pictures, and how many it makes. */
function titleIn(source: string): string {
  const bare = cleanLine(source.replace(/^\s*\|/, '').replace(/\|\s*$/, ''))
    .replace(/^#+\s*|\*\*|__/g, '')
    .replace(/^(?:recipe(?: name)?|title|name|dish)\s*[:|]\s*|^recipe\s*(?:#|no\.? ?)\d+\s*[~:.–-]*\s*/i, '')
    .replace(/\s*~+\s*$/, '')
    .replace(/\s*(?:(?![©®™])\p{Extended_Pictographic}\uFE0F?)+$/u, '');
  return nameAndYield(bare).name;
}

/** A recipe in one paragraph may begin with its name in capitals: "PARKIN. Melt …". Empty where it doesn't. */
const calledFirst = (paragraph: string): string => CALLED_FIRST.exec(paragraph)?.[1]?.trim() ?? '';

/** A letter says within a sentence what it brings: "as asked: my mother's Pear Clafoutis". Empty where it says none. */
const namedWithin = (notes: readonly string[]): string =>
  notes
    .flatMap((source) => [...source.matchAll(IN_CAPITALS)].map(([words]) => words))
    .find((words) => NAMES_A_BAKE.test(words)) ?? '';

/**
 * What a page calls its bake: its title, else the capitals that its one paragraph begins with, else a name within a sentence beside the
 * recipe. Empty where it says none.
 */
export const titleOf = (
  lines: readonly { readonly source: string; readonly place: Place }[],
  steps: readonly Step[],
): string =>
  titleIn(lines.find(({ place }) => place === 'title')?.source ?? '') ||
  calledFirst(steps[0]?.source ?? '') ||
  namedWithin(lines.filter(({ place }) => place === 'note').map(({ source }) => source));
