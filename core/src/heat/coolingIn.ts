import type { FamilyRecord } from '../family';
import type { PanSize } from '../kitchen';

/** What is no wider than this is cold through sooner than a cake, cm; and in so many minutes it can be lifted. Common practice. */
const SMALL_CM = 10;
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
  { depthCm, piece }: { readonly depthCm: number; readonly piece: object | null },
): number {
  const small = piece !== null || (pan !== null && Math.max(pan.lengthCm, pan.widthCm) <= SMALL_CM);
  const soon = small || (foam && depthCm <= SHALLOW_CM);
  return soon ? Math.min(SMALL, coolMinutes) : coolMinutes;
}
