import { getIngredient } from '../../catalogue';
import { bandsOf } from '../../family';
import { compositionOf, massOf, type FormulaLine } from '../../formula';
import {
  CREDITS,
  EGG_CREDIT,
  EGG_LED_PER_FLOUR,
  GLUTEN_USE_RANGE,
  SCHOOL_BINDER,
  XANTHAN_EQUIVALENT,
} from '../data/binders';
import { flourGrams, wheatLines } from '../flour';
import { binderGrams } from '../ledger';
import type { PartState, Setting, Shift, SwapRule } from '../types';
import { lineWords, weighed } from '../words';

const NUT_BUTTERS = new Set(['almond-butter', 'peanut-butter', 'sunflower-butter', 'tahini']);
const LEAST_DOSE = 0.05;

/** g xanthan-equivalent per 100 g flour that the gluten did here: the family's usual dose, moved by how much gluten this recipe used. */
export function bindingNeed(part: PartState, { profile, family, route, catalogue }: Setting): number {
  const protein = compositionOf(wheatLines(part.original, catalogue), catalogue).protein;
  const use = (100 * protein) / massOf(part.original) / profile.glutenUse;
  const [least, most] = GLUTEN_USE_RANGE;
  const [low, high] = bandsOf(family, route).xanthan;
  return Math.min(high, Math.max(low, profile.xanthan * Math.min(most, Math.max(least, use))));
}

/** What already binds, g xanthan-equivalent per 100 g flour: egg above the usual, sweet rice, nut butter, gum in a blend. */
export function bindingCredit(
  lines: readonly FormulaLine[],
  original: readonly FormulaLine[],
  { profile, catalogue }: Setting,
): number {
  const flour = flourGrams(lines, catalogue);
  const eggs = lines.filter(({ ingredient }) => ingredient in EGG_CREDIT);
  const eggPer100 = (100 * massOf(eggs)) / flour;
  const mean =
    eggs.reduce((sum, { ingredient, grams }) => sum + (EGG_CREDIT[ingredient] ?? 0) * grams, 0) /
    Math.max(1e-9, massOf(eggs));
  const sweetRice = lines.filter(({ ingredient }) => ingredient === 'sweet-rice-flour');
  const nutButter = lines.some(({ ingredient }) => NUT_BUTTERS.has(ingredient));
  return (
    Math.max(0, eggPer100 - profile.usualEgg) * mean +
    (massOf(sweetRice) >= CREDITS.sweetRiceFrom * flour ? CREDITS.sweetRice : 0) +
    (nutButter ? CREDITS.nutButter : 0) +
    (100 * binderGrams(lines, catalogue, original)) / flour
  );
}

function eggLed(part: PartState, setting: Setting): PartState {
  const flour = flourGrams(part.lines, setting.catalogue);
  const grams = EGG_LED_PER_FLOUR * flour;
  const { name, role } = getIngredient(setting.catalogue, 'egg');
  const known = part.lines.find(({ ingredient }) => ingredient === 'egg');
  const lines = known
    ? part.lines.map((line) =>
        line === known
          ? { ...line, grams: line.grams + grams, low: line.low + grams, high: line.high + grams }
          : line,
      )
    : [
        ...part.lines,
        { line: `${part.id}+egg`, ingredient: 'egg', name, role, grams, low: grams, high: grams },
      ];
  const shift: Shift = {
    id: `binder:${part.id}`,
    rule: 'binder',
    line: known?.line ?? `${part.id}+egg`,
    from: known ? lineWords(known) : 'nothing',
    to: weighed((known?.grams ?? 0) + grams, name),
    because: 'an egg for each 250 g of flour binds in the place of gum; its water is taken out of the liquid',
    source: binder.source,
    confidence: binder.confidence,
  };
  return { ...part, lines, shifts: [...part.shifts, shift] };
}

/** Says what binds when no binder is added. */
function enough(part: PartState, need: number, credit: number): PartState {
  const shift: Shift = {
    id: `binder:${part.id}`,
    rule: 'binder',
    line: null,
    from: 'gluten',
    to: 'no binder added',
    because: `egg, sweet rice or gum already there binds as ${credit.toFixed(1)} g of xanthan for 100 g of flour; this bake needs ${need.toFixed(1)} g`,
    source: binder.source,
    confidence: binder.confidence,
  };
  return { ...part, shifts: [...part.shifts, shift] };
}

export const binder: SwapRule = {
  id: 'binder',
  reason: 'Gluten held the crumb together; something must.',
  source: 'common practice: ¼ tsp xanthan a cup for cookies, ½ tsp for cakes and muffins',
  confidence: 'common-practice',
  swap(part, setting) {
    if (part.replaced === 0) return part;
    const school =
      setting.request.school === 'egg-led' && setting.request.without.includes('egg')
        ? 'gum'
        : setting.request.school;
    const need = bindingNeed(part, setting);
    const credit = bindingCredit(part.lines, part.original, setting);
    const missing = need - credit;
    if (missing < LEAST_DOSE) return enough(part, need, credit);
    const ingredient = SCHOOL_BINDER[school];
    if (ingredient === null) return eggLed(part, setting);
    const grams =
      (missing / XANTHAN_EQUIVALENT.rows[ingredient]! / 100) * flourGrams(part.lines, setting.catalogue);
    const { name, role } = getIngredient(setting.catalogue, ingredient);
    const line: FormulaLine = {
      line: `${part.id}+${ingredient}`,
      ingredient,
      name,
      role,
      grams,
      low: grams,
      high: grams,
    };
    const shift: Shift = {
      id: `binder:${part.id}`,
      rule: 'binder',
      line: line.line,
      from: 'gluten',
      to: lineWords(line),
      because: `this bake used its gluten for ${need.toFixed(1)} g xanthan’s worth of hold in 100 g of flour${credit > LEAST_DOSE ? `; egg and flour already give ${credit.toFixed(1)}` : ''}`,
      source: binder.source,
      confidence: binder.confidence,
    };
    return { ...part, lines: [...part.lines, line], shifts: [...part.shifts, shift] };
  },
};
