/** What a predicted time was set right by: nothing, the recipe's own time, or a bake of one's own that was timed. */
export type Anchored = 'nothing' | 'recipe' | 'bake';

export const DOUBTS: {
  readonly source: string; readonly confidence: 'common-practice';
  readonly depth: Readonly<Record<Anchored, number>>; readonly composition: Readonly<Record<Anchored, number>>;
  readonly depthPower: number; readonly byKelvin: number; readonly theirOven: number; readonly microwave: number;
} = {
  source: 'judgement, on how far bakes of common practice lie from their prediction', confidence: 'common-practice',
  /** Shares of the time, one standard deviation each. */
  depth: { nothing: 0.08, recipe: 0.04, bake: 0.03 },
  composition: { nothing: 0.1, recipe: 0.04, bake: 0.04 },
  /** The time goes with the depth to this power: between a slab held back by its film (1) and by itself (2). */
  depthPower: 1.4,
  /** A kelvin hotter is as much sooner: 1/(oven − batter) for an oven about 80 K above what is done in it. */
  byKelvin: 0.009,
  /** A stranger's oven stands behind a recipe's time, K. */
  theirOven: 5,
  /** A microwave's field is uneven, and its power is a guess until it was tested. Share of the time. */
  microwave: 0.25,
};
