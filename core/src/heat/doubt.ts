import { DOUBTS, type Anchored } from './data/doubts';

/**
 * By what share a predicted time may be off (one standard deviation): depth, composition and oven in quadrature. `oven`: the doubt of
 * one's own oven, K. A bake of one's own has that oven in it.
 */
export function doubtOf(anchored: Anchored, oven: number): number {
  const { depth, composition, depthPower, byKelvin, theirOven } = DOUBTS;
  const ovens = anchored === 'bake' ? 0 : anchored === 'recipe' ? Math.hypot(oven / 2, theirOven) : oven;
  return Math.hypot(depthPower * depth[anchored], composition[anchored], byKelvin * ovens);
}
