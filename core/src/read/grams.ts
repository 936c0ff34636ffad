import { getIngredient, type Catalogue, type Ingredient, type Triple } from '../catalogue';
import { US_CUP_ML, gramsPerUnit, mlPerUnit, multiplyRanges, range, type Range } from '../quantity';
import { STYLES, type EggSize, type Locale, type Style } from '../vocabulary';
import { EGG_GRAMS, EGG_PARTS } from './data/eggs';
import { DIPPED, DRAINED, LOOSE_GRAMS, LOOSE_ML, PACK_GRAMS } from './data/units';

/** With what a measure is turned into grams. */
export interface Scales {
  readonly catalogue: Catalogue;
  readonly locale: Locale;
  /** The eggs in the house, where the recipe names no size. */
  readonly eggSize: EggSize | null;
}

export interface Measured {
  readonly grams: Range;
  readonly by: 'weight' | 'volume' | 'count';
}

const toRange = (triple: Triple): Range => range(...triple);
const PACKS = new Set([
  'can',
  'tin',
  'packet',
  'pack',
  'package',
  'box',
  'bag',
  'carton',
  'container',
  'block',
]);
/** A pack of which only the solids are used. */
const PACKED_IN_BRINE = /\bdrained\b.*\b(?:cans?|tins?|jars?)\b/i;
const STYLE_WORDS: Readonly<Partial<Record<Style, RegExp>>> = {
  packed: /\bpacked\b/i,
  sifted: /\bsifted\b/i,
  melted: /\bmelted\b/i,
  mashed: /\bmashed|puree/i,
  scooped: /\b(?:scooped|dipped)\b/i,
  whipped: /\bwhipped\b/i,
  grated: /\bgrated|shredded\b/i,
  chopped: /\bchopped\b/i,
};

/** Grams in a US cup, in the style that the words name if the table has it, else in the usual one. */
function cupOf(ingredient: Ingredient, words: string): Triple | undefined {
  const said = STYLES.find((style) => STYLE_WORDS[style]?.test(words) && ingredient.cup[style]);
  return said ? ingredient.cup[said] : Object.values(ingredient.cup)[0];
}

/** How cards shorten the size of an egg. */
const SIZE_SHORT: Readonly<Record<string, string>> = {
  lrg: 'large',
  lge: 'large',
  lg: 'large',
  med: 'medium',
  sml: 'small',
};

function eachOf(ingredient: Ingredient, words: string, { locale, eggSize }: Scales): Triple | undefined {
  const part = EGG_PARTS[ingredient.id];
  if (part === undefined) return ingredient.each;
  const said = /\b(?:extra[- ]large|jumbo|large|lrg|lge|lg|med(?:ium)?|small|sml)\b/i
    .exec(words)?.[0]
    .toLowerCase();
  const size = (said && (SIZE_SHORT[said] ?? said.replace('-', ' '))) ?? eggSize ?? 'usual';
  const [central, low, high] = EGG_GRAMS.rows[locale][size] ?? EGG_GRAMS.rows[locale]['usual']!;
  return [central * part, low * part, high * part];
}

/**
 * The weight of so much of an ingredient. Units of mass are exact; volumes go by the catalogue's cup; pieces, packs and
 * pinches by their tables. Undefined where none is defined: a sprig has no weight.
 */
export function weigh(
  quantity: Range,
  unit: string | null,
  id: string,
  words: string,
  scales: Scales,
): Measured | undefined {
  const ingredient = getIngredient(scales.catalogue, id);
  const drained = PACKED_IN_BRINE.test(words) ? DRAINED.rows[id] : undefined;
  const perUnit = unit === null ? undefined : gramsPerUnit(unit);
  if (perUnit !== undefined)
    return {
      grams: multiplyRanges(multiplyRanges(quantity, range(perUnit)), drained ? toRange(drained) : range(1)),
      by: drained ? 'count' : 'weight',
    };
  const loose = unit === null ? undefined : LOOSE_GRAMS.rows[unit];
  if (loose) return { grams: multiplyRanges(quantity, toRange(loose)), by: 'count' };
  const ml = unit === null ? undefined : (LOOSE_ML[unit] ?? mlPerUnit(unit, scales.locale));
  if (ml !== undefined) {
    const cup = cupOf(ingredient, words);
    if (!cup) return undefined;
    const volume = typeof ml === 'number' ? range(ml) : toRange(ml);
    const density = toRange([cup[0] / US_CUP_ML, cup[1] / US_CUP_ML, cup[2] / US_CUP_ML]);
    const isDipped = unit === 'deciliter' || (unit === 'cup' && scales.locale === 'AU');
    const dipped = isDipped && ingredient.role === 'wheat-flour' ? DIPPED.factor : 1;
    return {
      grams: multiplyRanges(quantity, multiplyRanges(volume, multiplyRanges(density, range(dipped)))),
      by: 'volume',
    };
  }
  const pack = unit !== null && PACKS.has(unit) ? PACK_GRAMS.rows[id] : undefined;
  const each = pack ?? eachOf(ingredient, words, scales);
  return each && { grams: multiplyRanges(quantity, toRange(each)), by: 'count' };
}
