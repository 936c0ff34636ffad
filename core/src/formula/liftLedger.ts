import { availabilityOf, doesIt, getIngredient, unfold, type Catalogue, type Ingredient } from '../catalogue';
import { CHEMISTRY } from './data/chemistry';
import type { FormulaLine } from './types';

/** The ledger of soda, acid and powder of some lines, in mmol. */
export interface LiftLedger {
  /** NaHCO₃ from soda by itself. */
  readonly soda: number;
  /** H⁺ that can meet it. */
  readonly acid: number;
  /** CO₂ of the baking powder, which brings its own acid. */
  readonly powder: number;
  /** CO₂ set free in all: acid-limited, half of what soda is left, and the powder's. */
  readonly released: number;
  /** HCO₃⁻ that no acid meets: it tastes of soap and browns. */
  readonly sodaOver: number;
  readonly acidOver: number;
}

/** mmol of NaHCO₃ in so many grams of soda. Example: 4.6 g → 54.8. */
export const sodaMmol = (grams: number): number => (1000 * grams) / CHEMISTRY.sodaMolar;

/** mmol of CO₂ that so many grams of baking powder give. Example: 4.5 g → 13.3. */
export const powderMmol = (grams: number): number =>
  (1000 * grams * CHEMISTRY.powderYield) / CHEMISTRY.co2Molar;

/** mmol of H⁺ in 100 g that can meet soda: whole fruit gives acid only as far as it gives juice; what is dried gives none. */
const acidIn = (one: Ingredient): number =>
  one.role === 'fruit-veg' || one.role === 'inclusion' ? one.acid * availabilityOf(one) : one.acid;

/**
 * What the leaveners of some lines do: NaHCO₃ + H⁺ → CO₂ + H₂O as far as the acid goes, then heat frees half of the
 * rest. Composites are unfolded, so that a self-raising flour brings its powder. All in mmol.
 */
export function liftLedger(lines: readonly FormulaLine[], catalogue: Catalogue): LiftLedger {
  let soda = 0;
  let acid = 0;
  let powder = 0;
  for (const line of lines) {
    for (const { ingredient, share } of unfold(catalogue, line.ingredient)) {
      const grams = line.grams * share;
      const one = getIngredient(catalogue, ingredient);
      if (doesIt(one, 'soda')) soda += sodaMmol(grams);
      else if (doesIt(one, 'powder')) powder += powderMmol(grams);
      else acid += (grams * acidIn(one)) / 100;
    }
  }
  const met = Math.min(soda, acid);
  const sodaOver = soda - met;
  return {
    soda,
    acid,
    powder,
    released: met + CHEMISTRY.heatShare * sodaOver + powder,
    sodaOver,
    acidOver: acid - met,
  };
}
