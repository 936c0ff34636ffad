import { availabilityOf, getIngredient, type Catalogue } from '../catalogue';
import { familyOf } from '../family';
import { FLOUR_ROLES, type FamilyId } from '../vocabulary';
import { RATIOS, type FamilyRatios } from './ratios';
import type { Line } from './types';

/** What each weighed item of a line brings to the ratios, g; and how much of it is flour. */
function shareOf(line: Line, catalogue: Catalogue): FamilyRatios & { readonly flour: number } {
  const sum = { flour: 0, water: 0, fat: 0, sugars: 0, egg: 0 };
  if (line.aside) return sum;
  for (const item of line.items) {
    if (item.ingredient === null || !item.grams || item.alternative || item.aside) continue;
    const ingredient = getIngredient(catalogue, item.ingredient);
    const { composition, role } = ingredient;
    const grams = item.grams.central;
    if (FLOUR_ROLES.has(role)) sum.flour += grams;
    sum.water += (grams * composition.water * availabilityOf(ingredient)) / 100;
    sum.fat += (grams * composition.fat) / 100;
    if (role === 'sugar' || role === 'syrup') sum.sugars += (grams * composition.sugars) / 100;
    if (role === 'egg') sum.egg += grams;
  }
  return sum;
}

export function ratiosOf(lines: readonly Line[], catalogue: Catalogue): FamilyRatios | null {
  const shares = lines.map((line) => shareOf(line, catalogue));
  const flour = shares.reduce((sum, share) => sum + share.flour, 0);
  if (flour <= 0) return null;
  const of = (what: keyof FamilyRatios) =>
    (100 * shares.reduce((sum, share) => sum + share[what], 0)) / flour;
  return { water: of('water'), fat: of('fat'), sugars: of('sugars'), egg: of('egg') };
}

/** What is usual in a family. */
export function usualRatios(id: FamilyId): FamilyRatios {
  const [water, fat, sugars, egg] = familyOf(id).ratios;
  return { water, fat, sugars, egg };
}

export interface RatioBesideUsual {
  readonly what: keyof FamilyRatios;
  readonly has: number;
  readonly usual: number;
  /** The line that brings most of it, and its share (0–1). */
  readonly line: Line | undefined;
  readonly share: number;
}

/** A recipe's ratios beside those of a family, each with the line that counts most. */
export function compareRatios(
  lines: readonly Line[],
  family: FamilyId,
  ratios: FamilyRatios,
  catalogue: Catalogue,
): RatioBesideUsual[] {
  const usual = usualRatios(family);
  const shares = lines.map((line) => ({ line, brings: shareOf(line, catalogue) }));
  return RATIOS.map((what) => {
    const total = shares.reduce((sum, { brings }) => sum + brings[what], 0);
    const most = shares.reduce<(typeof shares)[number] | undefined>(
      (best, one) => (one.brings[what] > (best?.brings[what] ?? 0) ? one : best),
      undefined,
    );
    return {
      what,
      has: ratios[what],
      usual: usual[what],
      line: most?.line,
      share: most && total > 0 ? most.brings[what] / total : 0,
    };
  });
}
