import type { Kitchen } from '../kitchen';
import { calledOf, heats, linesNamedIn, readProcess } from '../process';
import type { Recipe } from '../read';
import type { Deed } from './data/deeds';
import { deedsOf } from './deeds';

/** A step of a recipe with what it does and to which lines. */
export interface BoundStep {
  readonly id: string;
  readonly source: string;
  readonly deeds: readonly Deed[];
  /** Ids of the recipe's lines that it names. */
  readonly lines: readonly string[];
  /** False where neither a deed nor a line is known: it is kept as written, and nothing is guessed about it. */
  readonly bound: boolean;
}

/** Binds every step of a recipe to what it does, as its process tells it, and to the lines that it names. */
export function bindSteps(recipe: Recipe, kitchen: Kitchen): BoundStep[] {
  const { actions, stages } = readProcess(recipe, kitchen);
  const called = calledOf(recipe.parts);
  const heated = new Set(stages.filter(heats).map(({ action }) => action));
  const last = actions.findLastIndex(({ id }) => heated.has(id));
  const deeds = actions.map((one, at) => ({
    step: one.step,
    // A heat that only its time tells of is a bake too.
    deeds: [...deedsOf(one, last >= 0 && at > last), ...(heated.has(one.id) ? (['bake'] as const) : [])],
  }));
  return recipe.method.map(({ id, source }): BoundStep => {
    const own = new Set(deeds.filter(({ step }) => step === id).flatMap((one) => one.deeds));
    const lines = linesNamedIn(source, called, recipe.bindings.takes[id]).map(({ line }) => line);
    return { id, source, deeds: [...own], lines, bound: own.size > 0 || lines.length > 0 };
  });
}
