import { doesIt, getIngredient, unfold, type Catalogue } from '../catalogue';
import { compositionOf, drinkOf, liftLedger, powderMmol, type FormulaLine } from '../formula';
import { QUANTITIES, type Quantity } from './types';

/** What a gram of egg binds, g xanthan-equivalent; 0 for what is no egg. */
export const eggWorth = (id: string, catalogue: Catalogue): number => {
  const { binds } = getIngredient(catalogue, id);
  return binds?.as === 'egg' ? binds.worth : 0;
};

/** What a gram of gum, husk or seed binds, g xanthan-equivalent; 0 for anything else. */
export const gumWorth = (id: string, catalogue: Catalogue): number => {
  const { binds } = getIngredient(catalogue, id);
  return binds?.as === 'gum' ? binds.worth : 0;
};

/** The lines that are egg: whole, white or yolk. */
export const eggLines = (lines: readonly FormulaLine[], catalogue: Catalogue): FormulaLine[] =>
  lines.filter(({ ingredient }) => eggWorth(ingredient, catalogue) > 0);

const bindsAs = ({ ingredient, grams }: FormulaLine, catalogue: Catalogue): number =>
  unfold(catalogue, ingredient).reduce(
    (sum, part) => sum + grams * part.share * gumWorth(part.ingredient, catalogue),
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
  const bound = new Map(
    original.map((line) => [line.line, eggWorth(line.ingredient, catalogue) * line.grams]),
  );
  return lines.reduce((sum, line) => {
    if (eggWorth(line.ingredient, catalogue) > 0) return sum;
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
  const one = getIngredient(catalogue, id);
  const unit: FormulaLine = {
    line: '',
    ingredient: id,
    name: '',
    role: one.role,
    grams: 1,
    low: 1,
    high: 1,
  };
  const ledger = ledgerOf([unit], catalogue);
  const lift = doesIt(one, 'powder') ? powderMmol(1) : 0;
  return Object.fromEntries(
    QUANTITIES.map((quantity) => [quantity, quantity === 'lift' ? lift : ledger[quantity]]),
  ) as Record<Quantity, number>;
}
