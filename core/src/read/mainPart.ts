import { getIngredient, type Catalogue } from '../catalogue';
import { boughtDough } from './boughtDough';
import type { Line, Part } from './types';

/** What a part weighs, g, and what of that is flour, wheat's among it, and starch. */
export interface Weighed {
  readonly flour: number;
  readonly wheat: number;
  readonly starch: number;
  readonly all: number;
}

const FLOURS = new Set(['wheat-flour', 'gf-flour']);

export function weighLines(lines: readonly Line[], catalogue: Catalogue): Weighed {
  const sum = { flour: 0, wheat: 0, starch: 0, all: 0 };
  for (const { ingredient, grams, alternative, aside } of lines.flatMap(({ items }) => items)) {
    if (ingredient === null || !grams || alternative || aside) continue;
    const { role } = getIngredient(catalogue, ingredient);
    sum.all += grams.central;
    if (FLOURS.has(role)) sum.flour += grams.central;
    if (role === 'wheat-flour') sum.wheat += grams.central;
    if (role === 'starch') sum.starch += grams.central;
  }
  return sum;
}

/** A dough that was bought stands above what has no flour, and below what has. */
const A_DOUGH = 1e4;

/** What lies on top may have more flour than the cake under it. */
const ON_TOP = /\b(?:crumb(?:le|s)?|streusel|topping)\b/i;
const COUNTS_ON_TOP = 0.5;

/** A pastry under as much ground almond is what the bake is built on: so much more a gram of wheat counts. */
const WHEAT_COUNTS = 0.1;

const STARCH_COUNTS = 0.5;

/** The part with the most flour, the heaviest where there is none: what the bake is named for. */
export function mainPart(parts: readonly Part[], catalogue: Catalogue): Part | undefined {
  // Beside a dough that was bought starch thickens a custard.
  const ofStarch = parts.some(({ lines }) => boughtDough(lines)) ? 0 : STARCH_COUNTS;
  const weight = (part: Part) => {
    const { flour, wheat, starch, all } = weighLines(part.lines, catalogue);
    const counts = ON_TOP.test(part.name ?? '') ? COUNTS_ON_TOP : 1;
    return (
      (flour + wheat * WHEAT_COUNTS + starch * ofStarch) * 1e3 * counts +
      (boughtDough(part.lines) ? A_DOUGH : 0) +
      all
    );
  };
  return [...parts].sort((a, b) => weight(b) - weight(a))[0];
}
