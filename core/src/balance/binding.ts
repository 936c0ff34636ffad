import type { Catalogue } from '../catalogue';
import { compositionOf, linesLeading, linesThat, massOf, type FormulaLine } from '../formula';
import { CREDITS, CREDITS_AT_MOST, GLUTEN_USE_RANGE, UNBOUND_ROUTES } from './data/binders';
import { flourGrams, wheatLines } from './flour';
import { binderGrams, eggLines, eggWorth } from './ledger';
import type { PartState, Setting } from './types';

/** Ground nuts that are so many times the wheat hold with egg by themselves: a frangipane, a joconde. */
const NUTS_LEAD = 2;
const nutsLead = ({ original }: PartState, catalogue: Catalogue): boolean =>
  massOf(linesLeading('almond-led', original, catalogue)) >=
  NUTS_LEAD * massOf(wheatLines(original, catalogue));

/**
 * g xanthan-equivalent per 100 g flour that the gluten did here: the family's usual dose, moved by how much gluten this recipe
 * used. None where the way from wheat needs none: nuts, coconut and nut butter with egg.
 */
export function bindingNeed(part: PartState, { profile, route, catalogue, request, bands }: Setting): number {
  const eggs = eggLines(part.lines, catalogue).length > 0;
  if (eggs && (UNBOUND_ROUTES.has(route) || nutsLead(part, catalogue))) return 0;
  const protein = compositionOf(wheatLines(part.original, catalogue), catalogue).protein;
  const use = (100 * protein) / massOf(part.original) / profile.glutenUse;
  const [least, most] = GLUTEN_USE_RANGE;
  // Never more than is called gummy by this way.
  return (
    Math.min(bands.xanthan[1], profile.xanthan * Math.min(most, Math.max(least, use))) * request.tilt.binder
  );
}

/** What binds beside gum, g xanthan-equivalent per 100 g flour: egg above the usual, sweet rice, nut butter, mashed banana. */
export function bindingCredit(lines: readonly FormulaLine[], { profile, catalogue }: Setting): number {
  const flour = flourGrams(lines, catalogue);
  const eggs = eggLines(lines, catalogue);
  const eggPer100 = (100 * massOf(eggs)) / flour;
  const mean =
    eggs.reduce((sum, { ingredient, grams }) => sum + eggWorth(ingredient, catalogue) * grams, 0) /
    Math.max(1e-9, massOf(eggs));
  const sticky = massOf(linesThat('sticks cold', lines, catalogue));
  const mash = massOf(lines.filter(({ ingredient }) => CREDITS.mashes.includes(ingredient)));
  const nutButter = linesLeading('nut-butter-led', lines, catalogue).length > 0;
  return (
    Math.max(0, eggPer100 - profile.usualEgg) * mean +
    (sticky >= CREDITS.stickyFrom * flour ? CREDITS.sticky : 0) +
    (mash >= CREDITS.mashFrom * flour ? CREDITS.mash : 0) +
    (nutButter ? CREDITS.nutButter : 0)
  );
}

/** Gum and husk that are in it, g xanthan-equivalent per 100 g flour. */
export const gumThere = (
  lines: readonly FormulaLine[],
  original: readonly FormulaLine[],
  { catalogue }: Setting,
): number => (100 * binderGrams(lines, catalogue, original)) / flourGrams(lines, catalogue);

/** What is taken off a need: what binds beside gum, half of the need at most, and all gum and husk that is there. */
export function bindingThere(part: PartState, setting: Setting): number {
  const half = CREDITS_AT_MOST * bindingNeed(part, setting);
  return Math.min(bindingCredit(part.lines, setting), half) + gumThere(part.lines, part.original, setting);
}

/**
 * What is missing, g xanthan-equivalent per 100 g flour: the need less what binds already, and at least what careful practice uses
 * of gum or husk itself, as far as nobody asks for less. Never below 0.
 */
export function bindingMissing(part: PartState, setting: Setting): number {
  const need = bindingNeed(part, setting);
  if (need === 0) return 0;
  const least = Math.min(need, setting.profile.leastXanthan * setting.request.tilt.binder);
  const byPractice = least - gumThere(part.lines, part.original, setting);
  return Math.max(0, need - bindingThere(part, setting), byPractice);
}
