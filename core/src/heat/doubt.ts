import { DOUBTS, type Anchored } from './data/doubts';

/** How many standard deviations hold four bakes of five. */
const FOUR_OF_FIVE = 1.28;

/** The share by which a window is drawn: where nothing anchors it, so wide that four bakes of five end in it. */
export const shownDoubt = (anchored: Anchored, oven: number): number =>
  (anchored === 'nothing' ? FOUR_OF_FIVE : 1) * doubtOf(anchored, oven);

/**
 * By what share a predicted time may be off (one standard deviation): depth, composition and oven in quadrature. `oven`: the doubt of
 * one's own oven, K. A bake of one's own has that oven in it.
 */
export function doubtOf(anchored: Anchored, oven: number): number {
  const { depth, composition, depthPower, byKelvin, theirOven } = DOUBTS;
  const ovens = anchored === 'bake' ? 0 : anchored === 'recipe' ? Math.hypot(oven / 2, theirOven) : oven;
  return Math.hypot(depthPower * depth[anchored], composition[anchored], byKelvin * ovens);
}
