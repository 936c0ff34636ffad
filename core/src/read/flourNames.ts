import { BLEND_NAMES } from './data/flourNames';

const { claim, kind, base, alone } = BLEND_NAMES;
/** A bracket that only says so: "plain flour (gluten-free)". */
const BARE_CLAIM = new RegExp(`^(?:certified )?(?:${claim.source})$`, 'i');

/** True for words that are a claim and nothing more. */
export const isBareClaim = (words: string): boolean => BARE_CLAIM.test(words.trim());

/**
 * True for a flour that claims to be without gluten and isn't named as any one flour: "GF plain flour", "1-to-1 baking
 * flour". Such a flour is a blend, to be asked about. "Gluten-free oat flour" is oat flour.
 */
export function namesBlend(words: string): boolean {
  const text = words.toLowerCase();
  const unclaimed = text.replace(claim, ' ');
  if (unclaimed === text) return false;
  const rest = unclaimed.replace(base, ' ').replace(kind, ' ');
  if (/[\p{L}\d]/u.test(rest)) return false;
  return unclaimed.replace(base, ' ') !== unclaimed || alone.test(unclaimed);
}
