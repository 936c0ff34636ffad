import { getIngredient, unfold, type Catalogue } from '../catalogue';
import { compositionOf, drinkOf, liftLedger, powderMmol, type FormulaLine } from '../formula';
import { XANTHAN_EQUIVALENT } from './data/binders';
import { QUANTITIES, type Quantity } from './types';

/** g xanthan-equivalent of the binders in some lines, those in a blend or mix too. */
export function binderGrams(lines: readonly FormulaLine[], catalogue: Catalogue): number {
  return lines.reduce(
    (sum, line) =>
      sum +
      unfold(catalogue, line.ingredient).reduce(
        (own, { ingredient, share }) => own + line.grams * share * (XANTHAN_EQUIVALENT.rows[ingredient] ?? 0),
        0,
      ),
    0,
  );
}

/** g of sugars that sweeten and soften: those of sugars, syrups and everything else alike. */
const sugarsOf = (lines: readonly FormulaLine[], catalogue: Catalogue) =>
  compositionOf(lines, catalogue).sugars;

/** What a part holds of each balanced quantity. */
export function ledgerOf(
  lines: readonly FormulaLine[],
  catalogue: Catalogue,
): Readonly<Record<Quantity, number>> {
  return {
    drink: drinkOf(lines, catalogue),
    fat: compositionOf(lines, catalogue).fat,
    sugar: sugarsOf(lines, catalogue),
    lift: liftLedger(lines, catalogue).released,
    binder: binderGrams(lines, catalogue),
  };
}

/**
 * What one more gram of an ingredient adds to each quantity. Lift counts powder alone: soda's share hangs on the acid and
 * isn't linear, so soda is never an adjustable line.
 */
export function perGram(id: string, catalogue: Catalogue): Readonly<Record<Quantity, number>> {
  const unit: FormulaLine = {
    line: '',
    ingredient: id,
    name: '',
    role: getIngredient(catalogue, id).role,
    grams: 1,
    low: 1,
    high: 1,
  };
  const one = ledgerOf([unit], catalogue);
  const lift = id === 'baking-powder' || id === 'baking-powder-grain-free' ? powderMmol(1) : 0;
  return Object.fromEntries(
    QUANTITIES.map((quantity) => [quantity, quantity === 'lift' ? lift : one[quantity]]),
  ) as Record<Quantity, number>;
}
