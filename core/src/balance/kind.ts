import type { Catalogue } from '../catalogue';
import { familyOf, type KindId, type KindSign } from '../family';
import { anyThat, drinkOf, liftLedger, massOf, thirstGrams, type FormulaLine } from '../formula';
import type { FamilyId, Habit } from '../vocabulary';

/** Under so much lift, mmol CO₂ per 100 g, nothing raises a pancake but its own steam. */
const UNRAISED = 0.5;
/** A wafer's batter that is spread has more drink than its wheat flour's thirst; one that is dropped has less. */
const WET = 1.15;

function ofWhiteAlone(lines: readonly FormulaLine[], catalogue: Catalogue): boolean {
  const has = (egg: Habit) => anyThat(egg, lines, catalogue);
  return has('egg white') && !has('whole egg') && !has('egg yolk');
}

/** What in the bowl tells a kind of its family. */
const SIGNS: Readonly<Record<KindSign, (lines: readonly FormulaLine[], catalogue: Catalogue) => boolean>> = {
  unraised: (lines, catalogue) =>
    (100 * liftLedger(lines, catalogue).released) / Math.max(1, massOf(lines)) < UNRAISED,
  'raised by yeast': (lines, catalogue) => anyThat('yeast', lines, catalogue),
  'of white alone': ofWhiteAlone,
  'of white alone, and wet': (lines, catalogue) =>
    ofWhiteAlone(lines, catalogue) && drinkOf(lines, catalogue) > WET * thirstGrams(lines, catalogue),
};

/** What kind of its family a batter is, by what is in the bowl: a thin pancake isn't raised, an angel cake and a tuile are of white alone. */
export function kindOf(lines: readonly FormulaLine[], family: FamilyId, catalogue: Catalogue): KindId | null {
  const { kind } = familyOf(family);
  return kind && SIGNS[kind.when](lines, catalogue) ? kind.id : null;
}
