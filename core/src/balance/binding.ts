import { compositionOf, linesLeading, linesThat, massOf, type FormulaLine } from '../formula';
import { CREDITS, GLUTEN_USE_RANGE } from './data/binders';
import { flourGrams, wheatLines } from './flour';
import { binderGrams, eggLines, eggWorth } from './ledger';
import type { PartState, Setting } from './types';

/**
 * g xanthan-equivalent per 100 g flour that the gluten did here: the family's usual dose, moved by how much gluten this recipe
 * used, inside the family's band.
 */
export function bindingNeed(part: PartState, { profile, bands, catalogue, request }: Setting): number {
  const protein = compositionOf(wheatLines(part.original, catalogue), catalogue).protein;
  const use = (100 * protein) / massOf(part.original) / profile.glutenUse;
  const [least, most] = GLUTEN_USE_RANGE;
  const [low, high] = bands.xanthan;
  const need = Math.min(high, Math.max(low, profile.xanthan * Math.min(most, Math.max(least, use))));
  return need * request.tilt.binder;
}

/** What already binds, g xanthan-equivalent per 100 g flour: egg above the usual, sweet rice, nut butter, gum in a blend. */
export function bindingCredit(
  lines: readonly FormulaLine[],
  original: readonly FormulaLine[],
  setting: Setting,
): number {
  const { profile, catalogue } = setting;
  const flour = flourGrams(lines, catalogue);
  const eggs = eggLines(lines, catalogue);
  const eggPer100 = (100 * massOf(eggs)) / flour;
  const mean =
    eggs.reduce((sum, { ingredient, grams }) => sum + eggWorth(ingredient, catalogue) * grams, 0) /
    Math.max(1e-9, massOf(eggs));
  const sticky = massOf(linesThat('sticks cold', lines, catalogue));
  const nutButter = linesLeading('nut-butter-led', lines, catalogue).length > 0;
  return (
    Math.max(0, eggPer100 - profile.usualEgg) * mean +
    (sticky >= CREDITS.stickyFrom * flour ? CREDITS.sticky : 0) +
    (nutButter ? CREDITS.nutButter : 0) +
    gumThere(lines, original, setting)
  );
}

/** Gum and husk that are in it, g xanthan-equivalent per 100 g flour. */
export const gumThere = (
  lines: readonly FormulaLine[],
  original: readonly FormulaLine[],
  { catalogue }: Setting,
): number => (100 * binderGrams(lines, catalogue, original)) / flourGrams(lines, catalogue);

/**
 * What is missing, g xanthan-equivalent per 100 g flour: the need less what binds already; and where a family never goes without
 * (a yeasted dough, choux), at least its band's lower edge of gum or husk itself. Never below 0.
 */
export function bindingMissing(part: PartState, setting: Setting): number {
  const byNeed = bindingNeed(part, setting) - bindingCredit(part.lines, part.original, setting);
  const byBand = setting.bands.xanthan[0] - gumThere(part.lines, part.original, setting);
  return Math.max(0, byNeed, byBand);
}
