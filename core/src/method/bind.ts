import { calledOf, linesNamedIn } from '../process';
import type { Recipe } from '../read';
import { VERBS, type Verb } from './data/verbs';

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

/** Binds every step of a recipe to what it does (verbs) and to the lines that it names. */
export function bindSteps(recipe: Recipe): BoundStep[] {
  const called = calledOf(recipe.parts);
  return recipe.method.map(({ id, source }): BoundStep => {
    const verbs = (Object.keys(VERBS) as Verb[]).filter((verb) => VERBS[verb].test(source));
    const lines = linesNamedIn(source, called, recipe.bindings.takes.get(id)).map(({ line }) => line);
    return { id, source, verbs, lines, bound: verbs.length > 0 || lines.length > 0 };
  });
}
