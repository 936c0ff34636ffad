import { plainId } from '../catalogue';
import { lastWordOf, tokensOf, type Item, type Part } from '../read';
import { SETS, WHOLE_PART } from './data/looseWords';

const OF_A_FRUIT = /\b(lemon|orange|lime|grapefruit)s?\b.*\b(?:juice|zest|rind|peel)\b/i;
const CRUMBS = /crumbs?$/i;
const THE_CRUMBS = /(?:,|&|\+|\b(?:and|the|with|in)) (?:the )?crumbs\b/i;

/**
 * Ids of the lines that a step works with, by name, by what cooks call them, as a set, or by the name of their part. `foods`: plain
 * ids of the foods that it mentions. Wider than what binds: a list of what to have at hand.
 */
export function linesMeant(source: string, foods: ReadonlySet<string>, parts: readonly Part[]): string[] {
  const words = new Set(tokensOf(source));
  const roles = new Set(SETS.filter((set) => set.words.test(source)).flatMap((set) => set.roles));
  const all = WHOLE_PART.test(source);
  const meant = ({ ingredient, words: own, name, role }: Item) =>
    (ingredient !== null && foods.has(plainId(ingredient))) ||
    [own, name.split(',')[0]!].some((one) => lastWordOf(one).length > 2 && words.has(lastWordOf(one))) ||
    // "The lemon" is its juice, "the crumbs" are the breadcrumbs.
    tokensOf(OF_A_FRUIT.exec(own)?.[1] ?? '').some((fruit) => words.has(fruit)) ||
    (CRUMBS.test(own) && THE_CRUMBS.test(source)) ||
    roles.has(role);
  return parts.flatMap(({ name, lines }) => {
    const last = name === null ? '' : lastWordOf(name);
    const whole = all || (last.length > 3 && words.has(last));
    return lines
      .filter(({ kind, items }) => kind === 'ingredient' && (whole || items.some(meant)))
      .map(({ id }) => id);
  });
}
