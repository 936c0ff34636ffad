import type { PageKind } from '../vocabulary';
import { isSignpost } from './page';

/** Where a line of a page goes in a recipe. */
export type Place = 'title' | 'ingredient' | 'heading' | 'note' | 'method' | 'prose';

const AS: Readonly<Record<Exclude<PageKind, 'heading'>, Place>> = {
  title: 'title',
  yield: 'note',
  time: 'note',
  ingredient: 'ingredient',
  step: 'method',
  prose: 'prose',
  note: 'note',
  junk: 'note',
};

/** "Step 2: the pastry" above a list of its own. */
const STAGE = /^\W*(?:step|part|stage) \d{1,2}\W+(?:\p{L}+ ){0,3}\p{L}+\W*$/iu;

/**
 * Where each line goes. A heading names a part when its next line of food comes before a step; among the steps it stays with
 * the method, and one that only says "Ingredients" is a note.
 */
export function placesOf(sources: readonly string[], kinds: readonly PageKind[]): Place[] {
  return kinds.map((kind, at) => {
    if (kind === 'step' && kinds[at + 1] === 'ingredient' && STAGE.test(sources[at]!)) return 'heading';
    if (kind !== 'heading') return AS[kind];
    if (isSignpost(sources[at]!)) return 'note';
    const next = kinds.slice(at + 1).find((one) => one === 'ingredient' || one === 'step' || one === 'prose');
    if (next === 'ingredient' || next === 'prose') return 'heading';
    if (next === 'step') return 'method';
    return kinds.slice(0, at).includes('step') ? 'note' : 'heading';
  });
}
