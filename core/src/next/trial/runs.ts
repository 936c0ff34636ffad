import type { TrialRun } from '../../kitchen';
import { codesFrom, numbersFrom, shuffled } from '../../statistics';

/** So many half batches at least, and at most. */
export const TRIAL_BAKES = [4, 8] as const;

/** Points of a design as half batches: an order that nobody chose, and codes, both from a seed. */
export function inSomeOrder(points: readonly (readonly number[])[], seed: number): readonly TrialRun[] {
  const below = numbersFrom(seed);
  const code = codesFrom(below);
  return shuffled(points, below).map((at) => ({ code: code(), at: at.map((one) => Number(one.toFixed(4))) }));
}
