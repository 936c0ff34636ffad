import type { Catalogue } from '../catalogue';
import { familyOf } from '../family';
import { liftLedger, linesThat, massOf, type FormulaLine } from '../formula';
import type { FamilyId, Habit } from '../vocabulary';

/** HCO₃ left over, mmol per 100 g batter, above which it tastes: pale cake, cookie, cocoa or spice, molasses. Common practice. */
const SOAPY = { pale: 3, cookie: 7, spiced: 9, molasses: 14 } as const;

/** How much soda may be left over before it is tasted, mmol per 100 g: what is dark or spiced hides more of it. */
export function soapLimit(lines: readonly FormulaLine[], family: FamilyId, catalogue: Catalogue): number {
  const has = (habit: Habit) => linesThat(habit, lines, catalogue).length > 0;
  const fruit = lines.some(({ role }) => role === 'fruit-veg');
  if (has('hides much soda')) return SOAPY.molasses;
  if (fruit || has('hides soda')) return SOAPY.spiced;
  return familyOf(family).hidesSoda ? SOAPY.cookie : SOAPY.pale;
}

/** Soda that finds no acid and that the heat doesn't use up, mmol HCO₃ per 100 g batter. */
export const sodaLeft = (lines: readonly FormulaLine[], catalogue: Catalogue): number =>
  (100 * liftLedger(lines, catalogue).sodaOver) / massOf(lines);
