import { plainId, type Catalogue } from '../../catalogue';
import { linesMeant } from '../../process';
import { sourceOf, type Recipe } from '../../read';
import type { DocketPart } from '../types';
import { mentionsIn } from './foodsNamed';

/** Ids of the docket's lines that a step works with. `taken`: the recipe's lines that its process knows of. */
export function usesOf(
  source: string,
  taken: ReadonlySet<string>,
  recipe: Recipe,
  parts: readonly DocketPart[],
  catalogue: Catalogue,
): string[] {
  const foods = new Set(mentionsIn(source, catalogue).map(({ ingredient }) => plainId(ingredient)));
  const lines = new Set([...taken, ...linesMeant(source, foods, recipe.parts)]);
  return parts.flatMap((part) =>
    part.lines.filter(({ id }) => lines.has(sourceOf(id).line)).map(({ id }) => id),
  );
}
