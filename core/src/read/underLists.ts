import { tellsADeed } from './tellsADeed';
import type { Recipe } from './types';

/** So many steps are a method, in whatever words. */
const A_METHOD = 3;

const known = new WeakMap<Recipe, ReadonlyMap<string, string>>();

/**
 * The part whose list each step stands under, by ids, on a page that tells what to do with each list below it; empty where the
 * method stands by itself. Once for each recipe.
 */
export function underLists(recipe: Recipe): ReadonlyMap<string, string> {
  const there = known.get(recipe) ?? listsOf(recipe);
  known.set(recipe, there);
  return there;
}

function listsOf({ kinds, parts, method }: Recipe): ReadonlyMap<string, string> {
  const home = new Map(
    parts.flatMap(({ id, lines }) =>
      lines.filter(({ items }) => items.length > 0).map((line) => [line.id, id] as const),
    ),
  );
  const steps = new Map(method.map(({ id, source }) => [id, source]));
  // A letter's sentences are list and method in one.
  if ([...steps.keys()].some((id) => home.has(id))) return new Map();
  const under = new Map<string, string>();
  let above = new Set<string>();
  let open: string[] = [];
  let parted = false;
  let toldFirst = false;
  for (const { line } of kinds) {
    const said = steps.get(line);
    const [only, more] = above;
    if (said !== undefined) {
      // What stands under several lists is no one's.
      if (only !== undefined && more === undefined) under.set(line, only);
      open.push(said);
    }
    const next = home.get(line);
    if (next === undefined) continue;
    // A remark within a list is no method of it, and neither is one that does nothing. What is told before any list is the method.
    const told = open.some(tellsADeed) || open.length >= A_METHOD;
    parted ||= told && !above.has(next);
    toldFirst ||= told && above.size === 0;
    if (!above.has(next) && (open.length > 0 || toldFirst)) above = new Set();
    open = [];
    above.add(next);
  }
  return parted ? under : new Map();
}
