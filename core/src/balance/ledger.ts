import { getIngredient, unfold, type Catalogue } from '../catalogue';
import { compositionOf, drinkOf, liftLedger, powderMmol, type FormulaLine } from '../formula';
import { EGG_CREDIT, XANTHAN_EQUIVALENT } from './data/binders';
import { QUANTITIES, type Quantity } from './types';

const bindsAs = ({ ingredient, grams }: FormulaLine, catalogue: Catalogue): number =>
  unfold(catalogue, ingredient).reduce(
    (sum, part) => sum + grams * part.share * (XANTHAN_EQUIVALENT.rows[part.ingredient] ?? 0),
    0,
  );

/**
 * g xanthan-equivalent of the binders in some lines, those in a blend or mix too. Seed that stands where an egg stood binds
 * what the egg bound, which no family counts as gum: that much of it is left out.
 */
export function binderGrams(
  lines: readonly FormulaLine[],
  catalogue: Catalogue,
  original: readonly FormulaLine[] = [],
): number {
  const bound = new Map(original.map((line) => [line.line, (EGG_CREDIT[line.ingredient] ?? 0) * line.grams]));
  return lines.reduce((sum, line) => {
    if (line.ingredient in EGG_CREDIT) return sum;
    return sum + Math.max(0, bindsAs(line, catalogue) - (bound.get(line.line) ?? 0));
  }, 0);
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
