import { chooseRow } from '../binomial';
import { fraction, ZERO, type Fraction } from '../fraction';

/** A blend: shares of its components, which add up to one. */
export type ExactBlend = readonly Fraction[];

/** All ways to deal m parts among q components. */
function dealt(q: number, m: number): number[][] {
  if (q === 1) return [[m]];
  return Array.from({ length: m + 1 }, (_, at) => m - at).flatMap((first) =>
    dealt(q - 1, m - first).map((rest) => [first, ...rest]),
  );
}

/** The simplex-lattice {q, m} (Scheffé 1958): every share a whole number of m-ths. Example: {3, 2} → six blends. */
export const simplexLattice = (q: number, m: number): ExactBlend[] =>
  dealt(q, m).map((parts) => parts.map((part) => fraction(BigInt(part), BigInt(m))));

/** The simplex-centroid (Scheffé 1963): equal shares of every choice of components. Example: 3 → seven blends. */
export function simplexCentroid(q: number): ExactBlend[] {
  const choices = Array.from({ length: 2 ** q - 1 }, (_, at) => at + 1);
  const size = (choice: number) => [...choice.toString(2)].filter((bit) => bit === '1').length;
  return choices
    .sort((a, b) => size(a) - size(b) || a - b)
    .map((choice) =>
      Array.from({ length: q }, (_, at) =>
        (choice >> at) % 2 === 1 ? fraction(1n, BigInt(size(choice))) : ZERO,
      ),
    );
}

/** How many coefficients each Scheffé polynomial has (1958). Example: 3 → 3, 6, 7, 10. */
export function scheffeTerms(q: number): {
  readonly linear: number;
  readonly quadratic: number;
  readonly specialCubic: number;
  readonly fullCubic: number;
} {
  const row = chooseRow(q).map(Number);
  const [, linear = 0, pairs = 0, threes = 0] = row;
  return {
    linear,
    quadratic: linear + pairs,
    specialCubic: linear + pairs + threes,
    fullCubic: linear + 2 * pairs + threes,
  };
}
