import { traitsOf, hasTraits } from '../blend';
import type { Catalogue } from '../catalogue';
import { compositionOf, type FormulaLine } from '../formula';

/** K that each per cent of sugar in sugar and water raises the setting of starch, and up to what share. */
const BY_SUGAR = 0.35;
const MOST_SUGAR = 55;

/**
 * °C at which the starch of a batter has set: the upper end of each flour's span by its weight, raised by sugar, which holds water
 * back. Null where there is no flour. Example: rice flour with as much sugar as water → 78 + 17.5 °C. BatterSetting temperatures and the
 * sugar's slope are those of the table of flours (from memory of gelatinisation studies).
 */
export function starchSets(lines: readonly FormulaLine[], catalogue: Catalogue): number | null {
  const flours = lines.filter(({ ingredient }) => hasTraits(ingredient, catalogue));
  const grams = flours.reduce((sum, one) => sum + one.grams, 0);
  if (grams <= 0) return null;
  const high =
    flours.reduce((sum, one) => sum + one.grams * traitsOf(one.ingredient, catalogue).set[1], 0) / grams;
  const { sugars, water } = compositionOf(lines, catalogue);
  return high + BY_SUGAR * Math.min(MOST_SUGAR, (100 * sugars) / Math.max(sugars + water, 1e-9));
}
