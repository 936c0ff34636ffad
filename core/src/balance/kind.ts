import type { Catalogue } from '../catalogue';
import type { KindId } from '../family';
import { anyThat, drinkOf, liftLedger, massOf, thirstGrams, type FormulaLine } from '../formula';
import type { FamilyId, Habit } from '../vocabulary';

/** Under so much lift, mmol CO₂ per 100 g, nothing raises a pancake but its own steam. */
const UNRAISED = 0.5;
/** A wafer's batter that is spread has more drink than its wheat flour's thirst; one that is dropped has less. */
const WET = 1.15;

/** What kind of its family a batter is, by what is in the bowl: a thin pancake isn't raised, an angel cake and a tuile are of white alone. */
export function kindOf(lines: readonly FormulaLine[], family: FamilyId, catalogue: Catalogue): KindId | null {
  const has = (egg: Habit) => anyThat(egg, lines, catalogue);
  const white = has('egg white') && !has('whole egg') && !has('egg yolk');
  if (family === 'pancake')
    return (100 * liftLedger(lines, catalogue).released) / Math.max(1, massOf(lines)) < UNRAISED
      ? 'crêpe'
      : null;
  if (family === 'foam') return white ? 'angel' : null;
  const wet = drinkOf(lines, catalogue) > WET * thirstGrams(lines, catalogue);
  return family === 'crisp-wafer' && white && wet ? 'tuile' : null;
}
