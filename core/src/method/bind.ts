import { ingredientLines, tokensOf, type Item, type Recipe, type Step } from '../read';
import type { Role } from '../vocabulary';
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
  const words = tokensOf(name.split(',')[0]!);
  const last = words.at(-1) ?? '';
  return BLAND.has(last) && words.length > 1 ? `${words.at(-2)} ${last}` : last;
}

/** The names and roles of a recipe's lines, as a method calls them. */
interface Called {
  readonly line: string;
  readonly items: readonly { readonly role: Role; readonly name: string }[];
}

function bind({ id, source }: Step, called: readonly Called[]): BoundStep {
  const verbs = (Object.keys(VERBS) as Verb[]).filter((verb) => VERBS[verb].test(source));
  const words = ` ${tokensOf(source).join(' ')} `;
  const roles = new Set(ROLE_WORDS.filter((row) => row.words.test(source)).flatMap((row) => [...row.roles]));
  const lines = called.flatMap(({ line, items }) =>
    items.some(({ role, name }) => roles.has(role) || (name.length > 2 && words.includes(` ${name} `)))
      ? [line]
      : [],
  );
  return { id, source, verbs, lines, bound: verbs.length > 0 || lines.length > 0 };
}

/** Binds every step of a recipe to what it does (verbs) and to the lines that it names. */
export function bindSteps(recipe: Recipe): BoundStep[] {
  const called = ingredientLines(recipe).map(({ id, items }): Called => ({
    line: id,
    items: items.map((item) => ({ role: item.role, name: nameIn(item) })),
  }));
  return recipe.method.map((step) => bind(step, called));
}
