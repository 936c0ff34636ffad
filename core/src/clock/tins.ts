import { PANS, type OwnPan, type PanSize } from '../kitchen';

/** A rim that was measured by somebody else is out by so much, cm. */
const SAME_SIZE = 0.7;

/** Tins of a household that can stand for each other. */
export interface TinPool {
  /** That of the first of them. */
  readonly id: string;
  readonly name: string;
  readonly count: number;
  /** Cups of each: one where it is a tin by itself. */
  readonly cups: number;
}

/**
 * The household's own tins of a size. Null where it has written none down: then there are as many as are wanted. Example: two loaf tins
 * of 23 × 13 cm for a loaf of 23 × 12.5 → a pool of two.
 */
export function poolOf(tins: readonly OwnPan[], pan: PanSize | null): TinPool | null {
  const like = tins.filter(
    ({ size }) =>
      pan !== null &&
      size.shape === pan.shape &&
      Math.abs(size.lengthCm - pan.lengthCm) <= SAME_SIZE &&
      Math.abs(size.widthCm - pan.widthCm) <= SAME_SIZE,
  );
  const [first] = like;
  if (!first) return null;
  const { id, name, size } = first;
  if (!PANS.rows[size.shape].vessel.one)
    return { id, name, count: like.length, cups: Math.max(1, size.count) };
  return { id, name, count: like.reduce((sum, one) => sum + Math.max(1, one.size.count), 0), cups: 1 };
}
