/** What a predicted time was set right by: nothing, the recipe's own time, or a bake of one's own that was timed. */
export type Anchored = 'nothing' | 'recipe' | 'bake';

/** Doubts, each as a share of the time. Judgement, on how far bakes of common practice lie from their prediction. */
const DEPTH: Readonly<Record<Anchored, number>> = { nothing: 0.08, recipe: 0.04, bake: 0.02 };
const COMPOSITION: Readonly<Record<Anchored, number>> = { nothing: 0.1, recipe: 0.04, bake: 0.02 };
/** The time goes with the depth to this power: between a slab held back by its film (1) and by itself (2). */
const DEPTH_POWER = 1.4;
/** A kelvin hotter is as much sooner: 1/(oven − batter) for an oven about 80 K above what is done in it. */
const BY_KELVIN = 0.009;
/** A stranger's oven stands behind a recipe's time. */
const THEIR_OVEN = 5;

/**
 * By what share a predicted time may be off (one standard deviation): depth, composition and oven in quadrature. `oven`: the doubt of
 * one's own oven, K. A bake of one's own has that oven in it.
 */
export function doubtOf(anchored: Anchored, oven: number): number {
  const ovens = anchored === 'bake' ? 0 : anchored === 'recipe' ? Math.hypot(oven / 2, THEIR_OVEN) : oven;
  return Math.hypot(DEPTH_POWER * DEPTH[anchored], COMPOSITION[anchored], BY_KELVIN * ovens);
}
