import { getIngredient, unfold, type Catalogue } from '../catalogue';
import type { FormulaLine } from '../formula';

const isWheatFlour = (id: string, catalogue: Catalogue) => {
  const one = getIngredient(catalogue, id);
  return one.role === 'wheat-flour' && one.gluten === 'contains';
};

/** The lines that are wheat flour, or another flour with gluten; composites among them. */
export const wheatLines = (lines: readonly FormulaLine[], catalogue: Catalogue): readonly FormulaLine[] =>
  lines.filter((line) => isWheatFlour(line.ingredient, catalogue));

/** Grams of flour with gluten, without the leavening of a self-raising one. */
export function wheatGrams(lines: readonly FormulaLine[], catalogue: Catalogue): number {
  return lines.reduce(
    (sum, line) =>
      sum +
      unfold(catalogue, line.ingredient).reduce(
        (own, { ingredient, share }) => own + (isWheatFlour(ingredient, catalogue) ? line.grams * share : 0),
        0,
      ),
    0,
  );
}

/** Grams of all flours and starches, with gluten or without. */
export function flourGrams(lines: readonly FormulaLine[], catalogue: Catalogue): number {
  return lines.reduce(
    (sum, line) =>
      sum +
      unfold(catalogue, line.ingredient).reduce((own, { ingredient, share }) => {
        const { role } = getIngredient(catalogue, ingredient);
        return (
          own + (role === 'wheat-flour' || role === 'gf-flour' || role === 'starch' ? line.grams * share : 0)
        );
      }, 0),
    0,
  );
}

/** Grams of pure starch among the flours. */
export function starchGrams(lines: readonly FormulaLine[], catalogue: Catalogue): number {
  return lines.reduce(
    (sum, line) =>
      sum +
      unfold(catalogue, line.ingredient).reduce(
        (own, { ingredient, share }) => own + (isPureStarch(ingredient, catalogue) ? line.grams * share : 0),
        0,
      ),
    0,
  );
}

const isPureStarch = (id: string, catalogue: Catalogue): boolean =>
  getIngredient(catalogue, id).role === 'starch';
