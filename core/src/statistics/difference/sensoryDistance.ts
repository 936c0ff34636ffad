import { normalCdf } from '../distributions';
import { integral, reaches } from '../integral';

/** How a d′ shows in each protocol. */
export const DISTANCES = ['triangle', 'duo_trio', 'two_afc'] as const;
export type Distance = (typeof DISTANCES)[number];

const density = (z: number): number => Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);
/** The density is nothing beyond, in standard deviations. */
const FAR = 9;

/** Thurstonian share of right answers at a distance of d′ standard deviations (Ennis 1993). Example: triangle, 1 → 0.418. */
export const RIGHT_AT: Readonly<Record<Distance, (d: number) => number>> = {
  triangle: (d) =>
    2 *
    integral(
      (z) =>
        (normalCdf(-z * Math.sqrt(3) + d * Math.sqrt(2 / 3)) +
          normalCdf(-z * Math.sqrt(3) - d * Math.sqrt(2 / 3))) *
        density(z),
      0,
      FAR,
    ),
  duo_trio: (d) => {
    const [wide, narrow] = [normalCdf(d / Math.SQRT2), normalCdf(d / Math.sqrt(6))];
    return 1 - wide - narrow + 2 * wide * narrow;
  },
  two_afc: (d) => normalCdf(d / Math.SQRT2),
};

/** Nobody tells further apart than this. */
const FURTHEST = 20;

/** The d′ at which such a share is right; nothing at chance and below it. */
export function distanceOf(protocol: Distance, share: number): number {
  if (share <= RIGHT_AT[protocol](0)) return 0;
  return reaches(RIGHT_AT[protocol], share, 0, FURTHEST);
}
