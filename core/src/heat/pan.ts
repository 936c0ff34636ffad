import type { PanSize } from '../kitchen';
import type { Reach } from './section';

/** The tube of a ring tin, share of its width: 8 cm in one of 25. Common practice. */
const TUBE = 0.32;

/** How much more batter stands in the middle of a narrow, deep tin than at its walls: a loaf crowns. From memory. */
const LOAF_CROWN = 1.2;

/** By how much the middle of what bakes in a tin is deeper than the mean. */
export const crownOf = ({ shape }: TinSize): number => (shape === 'loaf' ? LOAF_CROWN : 1);

/** Inside measures of a tin, cm: for a round one both are its width. `tubeCm`: what stands in the middle of a ring. */
export type TinSize = Pick<PanSize, 'shape' | 'lengthCm' | 'widthCm'> & { readonly tubeCm?: number };

const isRound = ({ shape }: TinSize) => shape === 'round' || shape === 'muffin' || shape === 'ring';
const tubeOf = ({ shape, lengthCm, tubeCm }: TinSize) => (shape === 'ring' ? (tubeCm ?? TUBE * lengthCm) : 0);

/** The floor of one tin, cm². A muffin cup and a round tin are circles, a ring is one without its tube. */
export const floorOf = (tin: TinSize): number =>
  isRound(tin) ? (Math.PI / 4) * (tin.lengthCm ** 2 - tubeOf(tin) ** 2) : tin.lengthCm * tin.widthCm;

/** The floor of all tins of a bake together, cm². */
export const panArea = (pan: PanSize): number => floorOf(pan) * pan.count;

/**
 * How far it is to the wall. Two pairs of walls are one pair that heats as fast: 1/a² = 1/a₁² + 1/a₂² (product solutions, Carslaw &
 * Jaeger §1.15).
 */
export function reachOf(tin: TinSize): Reach {
  const { lengthCm, widthCm } = tin;
  if (isRound(tin)) return { kind: 'cylinder', from: tubeOf(tin) / 200, to: lengthCm / 200 };
  return { kind: 'plate', from: 0, to: 1 / Math.sqrt((200 / lengthCm) ** 2 + (200 / widthCm) ** 2) };
}

/** How much more batter fills other tins as deep: the ratio of their floors. */
export const panFactor = (from: PanSize, to: PanSize): number => panArea(to) / panArea(from);
