import type { AsRead, Kitchen } from '../kitchen';
import { readProcess } from '../process';
import { ofItem, type Part, type Recipe } from '../read';
import { massOf } from './composition';
import type { FormulaLine, FormulaPart } from './types';

/** The lines of a part that have an ingredient and a weight; what stands beside another, is for the tin or the
 * bench, or has no weight, isn't in it. */
function linesOf(part: Part): FormulaLine[] {
  return part.lines.flatMap((line) =>
    line.items.flatMap((item, at): FormulaLine[] =>
      !line.aside && !item.aside && item.ingredient !== null && item.grams && !item.alternative
        ? [
            {
              line: ofItem(line.id, at),
              ingredient: item.ingredient,
              name: item.name,
              role: item.role,
              grams: item.grams.central,
              low: item.grams.low,
              high: item.grams.high,
            },
          ]
        : [],
    ),
  );
}

/** A recipe as a formula in grams, part by part. */
export const formulaOf = (recipe: Recipe): FormulaPart[] =>
  recipe.parts.map((part) => ({ id: part.id, name: part.name, lines: linesOf(part) }));

const LONGEST_TITLE = 300;

/** What a list shows of a recipe: its title, its family, and what its lines weigh together. */
export function asReadOf(recipe: Recipe, kitchen: Kitchen): AsRead {
  const grams = formulaOf(recipe).reduce((sum, { lines }) => sum + massOf(lines), 0);
  return {
    title: recipe.title.slice(0, LONGEST_TITLE),
    family: readProcess(recipe, kitchen).family.id,
    batchGrams: grams > 0 ? grams : null,
  };
}
