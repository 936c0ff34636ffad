import type { TrialRun } from '../../kitchen';
import { codesFrom, numbersFrom, shuffled } from '../../statistics';

/** So many half batches at least, and at most. */
export const TRIAL_BAKES = [4, 8] as const;

/** That a trial of something has as many bakes as it needs at least, and no more than anybody bakes. Throws RangeError. */
export function checkBakes(bakes: number, needed: number, of: string): void {
  const [least, most] = [Math.max(TRIAL_BAKES[0], needed), TRIAL_BAKES[1]];
  if (bakes < least || bakes > most)
    throw new RangeError(`A trial of ${of} has ${least} to ${most} bakes, not ${bakes}.`);
}

/** Points of a design as half batches: an order that nobody chose, and codes, both from a seed. */
export function inSomeOrder(points: readonly (readonly number[])[], seed: number): readonly TrialRun[] {
  const below = numbersFrom(seed);
  const code = codesFrom(below);
  return shuffled(points, below).map((at) => ({ code: code(), at: at.map((one) => Number(one.toFixed(4))) }));
}
