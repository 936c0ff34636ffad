import { THIRST } from './data/thirst';
import type { Catalogue } from './catalogue';
import { getIngredient } from './catalogue';
import { plainId } from './variants';
import type { Triple } from './types';

const NONE: Triple = [0, 0, 0];
/** A flour that no table has, a household's own: between rice and oat, and wide. Common practice. */
const ANY_FLOUR: Triple = [1, 0.6, 1.6];
const FLOURS = new Set(['wheat-flour', 'gf-flour', 'starch']);

/**
 * Water that an ingredient holds, g per g (central, low, high). Composites hold what their parts hold; what isn't in the
 * table holds none. Source: water-holding (AACC 56-30 style) and absorption studies, from memory; trials correct it.
 * Example: coconut flour 4.0.
 */
export function thirstOf(catalogue: Catalogue, id: string): Triple {
  const own = THIRST.rows[id];
  if (own) return own;
  const { madeOf, role } = getIngredient(catalogue, id);
  const kin = madeOf.length === 0 ? THIRST.rows[plainId(id)] : undefined;
  if (kin) return kin;
  if (madeOf.length === 0 && FLOURS.has(role)) return ANY_FLOUR;
  return madeOf.reduce<Triple>((sum, part) => {
    const inner = thirstOf(catalogue, part.ingredient);
    return [sum[0] + inner[0] * part.share, sum[1] + inner[1] * part.share, sum[2] + inner[2] * part.share];
  }, NONE);
}
