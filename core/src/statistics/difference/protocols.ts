import { fraction, type Fraction } from '../fraction';

/** How a difference is asked for. */
export const PROTOCOLS = ['triangle', 'duo_trio', 'two_afc_one_sided', 'two_afc_two_sided'] as const;
export type Protocol = (typeof PROTOCOLS)[number];

/**
 * The chance of a right answer where there is nothing to be told, and whether either answer may turn out to be the frequent one. Triangle
 * ISO 4120, duo-trio ISO 10399, paired comparison ISO 5495.
 */
export const PROTOCOL: Readonly<Record<Protocol, { readonly chance: Fraction; readonly bothWays: boolean }>> =
  {
    triangle: { chance: fraction(1n, 3n), bothWays: false },
    duo_trio: { chance: fraction(1n, 2n), bothWays: false },
    two_afc_one_sided: { chance: fraction(1n, 2n), bothWays: false },
    two_afc_two_sided: { chance: fraction(1n, 2n), bothWays: true },
  };
