import { PAGE_KIND_NAMES, SURE, type PageKind } from '../../vocabulary';
import type { KindOfLine } from '../page/kinds';
import { makeDoubt, type Finding } from './doubt';

const FOOD: ReadonlySet<PageKind> = new Set(['ingredient', 'prose']);

/**
 * Lines that may be food and may not: what the batch weighs, and what it holds, hangs on them. Others that are unsure are
 * marked where the text stands, and change no number.
 */
export const unsureKinds = (
  lines: readonly { readonly id: string; readonly source: string }[],
  kinds: readonly KindOfLine[],
): Finding[] =>
  lines.flatMap((line, at) => {
    const { kind, sure, or } = kinds[at]!;
    if (sure >= SURE || FOOD.has(kind) === FOOD.has(or)) return [];
    return [
      makeDoubt('unsure-kind', line, {
        asks: `Taken for ${PAGE_KIND_NAMES[kind]}. Is it ${PAGE_KIND_NAMES[or]}?`,
        guess: PAGE_KIND_NAMES[or],
      }),
    ];
  });

/** A second recipe on the page: read as one, its flour is added to the first one's. */
export const anotherRecipe = (line: { readonly id: string; readonly source: string }): Finding =>
  makeDoubt('another-recipe', line, {
    asks: 'Another recipe seems to begin here. Read with the one above, both are weighed as one.',
  });

/** A list of another kitchen is read by a small table of words, and its method isn't. */
export const otherLanguage = (line: { readonly id: string; readonly source: string }): Finding =>
  makeDoubt('other-language', line, {
    asks: 'Read by its words in another language. Only the list is read so: the method is understood in English alone.',
  });
