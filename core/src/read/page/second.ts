import type { PageKind } from '../../vocabulary';
import { cleanLine } from '../clean';
import { NAMES_A_BAKE, NAMES_A_PART } from './alone';
import { isSignpost } from './signposts';

const LEAST_FOODS = 3;
/** What may stand between a recipe's name and its list. */
const BETWEEN: ReadonlySet<PageKind> = new Set(['yield', 'time', 'note', 'junk', 'heading']);
const OPENS: ReadonlySet<PageKind> = new Set(['heading', 'title', 'note', 'junk']);
/** A bake's name alone, whatever it was taken for among the steps around it. */
const IS_NAME = /^[^.!?]{3,40}$/;
const WORK: ReadonlySet<PageKind> = new Set(['step', 'prose']);

/**
 * Where a second recipe begins on a page: a name after the first one's work, with a list and work of its own; null: there is but
 * one. A frosting with a list of its own is a part, not a recipe: it says how many it makes, or what it is called, as bakes do.
 */
export function secondRecipe(
  lines: readonly string[],
  kinds: readonly PageKind[],
  gaps: readonly boolean[],
): number | null {
  const done = kinds.findIndex((kind) => WORK.has(kind));
  if (done < 0 || !kinds.slice(0, done + 1).some((kind) => kind === 'ingredient' || kind === 'prose'))
    return null;
  for (let at = done + 1; at < lines.length; at += 1) {
    const name = cleanLine(lines[at]!);
    const opens = OPENS.has(kinds[at]!) || (IS_NAME.test(name) && NAMES_A_BAKE.test(name));
    if (!gaps[at] || !opens || isSignpost(name) || NAMES_A_PART.test(name)) continue;
    let list = at + 1;
    while (list < kinds.length && BETWEEN.has(kinds[list]!)) list += 1;
    const between = kinds
      .slice(at + 1, list)
      .map((kind, n) => (isSignpost(lines[at + 1 + n]!) ? 'signpost' : kind));
    let end = list;
    while (end < kinds.length && (kinds[end] === 'ingredient' || kinds[end] === 'heading')) end += 1;
    const foods = kinds.slice(list, end).filter((kind) => kind === 'ingredient').length;
    const announced = between.includes('signpost') || between.includes('yield') || between.includes('time');
    const named = NAMES_A_BAKE.test(name);
    if (
      foods >= LEAST_FOODS &&
      WORK.has(kinds[end] ?? 'junk') &&
      (named || (announced && kinds[at] === 'title'))
    )
      return at;
  }
  return null;
}
