import { normalQuantile } from '../distributions';

/** What is believed of a quantity: a normal distribution. */
export interface Normal {
  readonly mean: number;
  readonly sd: number;
}

/** A belief after one more look, whose own spread is known (conjugate). Example: 0 ± 15, a reading of −8 ± 5 → −7.2 ± 4.74. */
export function learnt({ mean, sd }: Normal, seen: number, seenSd: number): Normal {
  const [before, own] = [1 / sd ** 2, 1 / seenSd ** 2];
  return { mean: (mean * before + seen * own) / (before + own), sd: 1 / Math.sqrt(before + own) };
}

/** The spread of such a belief after so many looks, whatever they said. */
export const sdAfter = (sd: number, seenSd: number, looks: number): number =>
  1 / Math.sqrt(1 / sd ** 2 + looks / seenSd ** 2);

/** How much of the way from the prior to the mean of what was seen a belief has gone. */
export const weightOnData = (sd: number, seenSd: number, looks: number): number =>
  1 - sdAfter(sd, seenSd, looks) ** 2 / sd ** 2;

/** Where 95 % lie. */
export function middle({ mean, sd }: Normal): readonly [number, number] {
  const far = normalQuantile(0.975) * sd;
  return [mean - far, mean + far];
}
