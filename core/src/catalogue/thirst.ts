import { FLOUR_ROLES } from '../vocabulary';
import type { Catalogue } from './catalogue';
import { getIngredient } from './catalogue';
import type { Ingredient, Triple } from './types';

const NONE: Triple = [0, 0, 0];
/** A flour of the household's own, of which nobody knows it: between rice and oat, and wide. Common practice. */
const ANY_FLOUR: Triple = [1, 0.6, 1.6];

/** Nobody has measured how much water such a flour takes: it is counted as between rice and oat. Never so of the product's own. */
export const isThirstGuessed = ({ thirst, madeOf, role }: Ingredient): boolean =>
  thirst === null && madeOf.length === 0 && FLOUR_ROLES.has(role);

/**
 * Water that an ingredient holds, g per g (central, low, high). Composites hold what their parts hold; what has no figure
 * holds none. Source: water-holding (AACC 56-30 style) and absorption studies, from memory; trials correct it.
 * Example: coconut flour 4.0.
 */
export function thirstOf(catalogue: Catalogue, id: string): Triple {
  const one = getIngredient(catalogue, id);
  if (one.thirst) return one.thirst;
  if (isThirstGuessed(one)) return ANY_FLOUR;
  return one.madeOf.reduce<Triple>((sum, part) => {
    const inner = thirstOf(catalogue, part.ingredient);
    return [sum[0] + inner[0] * part.share, sum[1] + inner[1] * part.share, sum[2] + inner[2] * part.share];
  }, NONE);
}
