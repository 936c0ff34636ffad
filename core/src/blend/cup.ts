import { getIngredient, type Catalogue } from '../catalogue';
import type { Shares } from './data/routes';

/** A cup of a flour that nobody has weighed. Common practice, with the widest doubt on the page. */
const ANY_CUP = 140;

/** Grams in a US cup of a flour or starch, in its usual style. */
export const cupOf = (id: string, catalogue: Catalogue): number =>
  Object.values(getIngredient(catalogue, id).cup)[0]?.[0] ?? ANY_CUP;

/**
 * Grams in a US cup of flours mixed: each keeps its own volume, so volumes add. 1 / Σ(xᵢ / cupᵢ). Example: rice 150 and tapioca
 * 118 half and half → 132 g.
 */
export function cupOfPortions(
  portions: readonly { readonly share: number; readonly cupGrams: number }[],
): number {
  const total = portions.reduce((sum, { share }) => sum + share, 0);
  const volume = portions.reduce((sum, { share, cupGrams }) => sum + share / cupGrams, 0);
  return volume > 0 ? total / volume : ANY_CUP;
}

/** Grams in a US cup of a blend. Shares in any unit. */
export const cupOfBlend = (shares: Shares, catalogue: Catalogue): number =>
  cupOfPortions(Object.entries(shares).map(([id, share]) => ({ share, cupGrams: cupOf(id, catalogue) })));
