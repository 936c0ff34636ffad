import pluralize from 'pluralize';
import { ingredientLines, type Item, type Recipe, type Step } from '../read';
import { ROLE_WORDS, VERBS, type Verb } from './data/verbs';

/** A step of a recipe with what it does and to which lines. */
export interface BoundStep {
  readonly id: string;
  readonly source: string;
  readonly verbs: readonly Verb[];
  /** Ids of the recipe's lines that it names. */
  readonly lines: readonly string[];
  /** False where neither a verb nor a line is known: it is kept as written, and nothing is guessed about it. */
  readonly bound: boolean;
}

/** Endings of names that say nothing alone: "baking powder" is named by both words. */
const BLAND = new Set(['powder', 'extract', 'flour', 'juice', 'seed', 'water', 'oil', 'whole', 'white']);

/** What a line is called by in a method: the last word of its name, or its last two where that alone says nothing. */
function nameIn({ name }: Item): string {
  const [first = ''] = name.toLowerCase().split(',');
  const words = first.trim().split(/\s+/);
  const last = pluralize.singular(words.at(-1) ?? '');
  return BLAND.has(last) && words.length > 1 ? `${words.at(-2)} ${last}` : last;
}

function bind({ id, source }: Step, recipe: Recipe): BoundStep {
  const verbs = (Object.keys(VERBS) as Verb[]).filter((verb) => VERBS[verb].test(source));
  const words = source
    .toLowerCase()
    .replace(/[^\p{L}\s]/gu, ' ')
    .split(/\s+/)
    .map((word) => pluralize.singular(word))
    .join(' ');
  const roles = new Set(ROLE_WORDS.filter((row) => row.words.test(source)).flatMap((row) => [...row.roles]));
  const named = (item: Item) => {
    const name = nameIn(item);
    return roles.has(item.role) || (name.length > 2 && ` ${words} `.includes(` ${name} `));
  };
  const lines = ingredientLines(recipe).flatMap((line) => (line.items.some(named) ? [line.id] : []));
  return { id, source, verbs, lines, bound: verbs.length > 0 || lines.length > 0 };
}

/** Binds every step of a recipe to what it does (verbs) and to the lines that it names. */
export const bindSteps = (recipe: Recipe): BoundStep[] => recipe.method.map((step) => bind(step, recipe));
