import type { Measured } from '../kitchen';

/** Share of the batter's weight that went off in the oven; null where it wasn't weighed before and after, or grew. Example: 800 g in, 712 g out → 0.11. */
export function waterLost({ filledGrams, bakedGrams }: Measured): number | null {
  if (filledGrams === null || bakedGrams === null || filledGrams <= 0 || bakedGrams > filledGrams)
    return null;
  return (filledGrams - bakedGrams) / filledGrams;
}
