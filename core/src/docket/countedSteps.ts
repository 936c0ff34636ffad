import type { Recipe } from '../read';

const COUNTED = /^\s*(\d{1,2})\s+(?=\S)/;
/** Two may begin with amounts, steps. */
const FEWEST = 3;

/** Steps that are counted without a stop behind the number ("3 1/3 of the meringue in with the whisk") without it: lists give them their own. */
export function withoutCounts(recipe: Recipe): Recipe {
  const { method } = recipe;
  const inARow = method.every(({ source }, at) => Number(COUNTED.exec(source)?.[1]) === at + 1);
  if (method.length < FEWEST || !inARow) return recipe;
  return { ...recipe, method: method.map((step) => ({ ...step, source: step.source.replace(COUNTED, '') })) };
}
