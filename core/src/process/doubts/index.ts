import type { Catalogue } from '../../catalogue';
import { ingredientLines, type Finding, type Part, type Recipe } from '../../read';
import type { FamilyGuess, Stage } from '../types';
import { temperaturesClash, tinsAndLayersClash } from './clashes';
import { farFromFamily } from './farFromFamily';
import { notOnTheList, powderForPaper } from './foods';
import { oddOven, oddTime } from './heat';

function ofHeat(stages: readonly Stage[], { method }: Recipe): Finding[] {
  const found = stages.flatMap((stage) => {
    const step = method.find(({ id }) => id === stage.step);
    return step ? [...oddOven(stage, step), ...oddTime(stage, step)] : [];
  });
  return found.filter(
    (one, at) => found.findIndex(({ line, asks }) => line === one.line && asks === one.asks) === at,
  );
}

/** What of a method can hardly be meant, and of a formula for what is made of it. `main`: the part that the bake is known by. */
export const doubtsOf = (
  recipe: Recipe,
  main: Part | undefined,
  family: FamilyGuess,
  stages: readonly Stage[],
  catalogue: Catalogue,
): Finding[] => [
  ...farFromFamily(main?.lines ?? [], family, catalogue),
  ...recipe.method.flatMap((step) => [...temperaturesClash(step), ...powderForPaper(step)]),
  ...tinsAndLayersClash(recipe.method),
  ...notOnTheList(recipe.method, ingredientLines(recipe)),
  ...ofHeat(stages, recipe),
];
