import type { FamilyRecord } from '../family';
import { standsFree, type PanSize } from '../kitchen';

/** What is no wider than this is cold through sooner than a cake, cm; and in so many minutes it can be lifted. Common practice. */
const SMALL_CM = 10;
const SMALL_ML = 200;
const SMALL = 10;
/** A sponge no higher than this, cm, is turned out warm: it sweats in its tin. Common practice. */
const SHALLOW_CM = 3.5;

/**
 * Minutes that a bake stays where it was baked until its starch has set: by its family, and less where it is small or a shallow
 * sponge. `piece`: it stands free, in pieces.
 */
export function coolMinutesIn(
  { coolMinutes, foam }: Pick<FamilyRecord, 'coolMinutes' | 'foam'>,
  pan: PanSize | null,
  { depthCm, piece }: { readonly depthCm: number; readonly piece: { readonly ml: number } | null },
): number {
  const free = pan === null || standsFree(pan);
  const small = free
    ? piece !== null && piece.ml <= SMALL_ML
    : Math.max(pan.lengthCm, pan.widthCm) <= SMALL_CM;
  const soon = small || (foam && depthCm <= SHALLOW_CM);
  return soon ? Math.min(SMALL, coolMinutes) : coolMinutes;
}
