/**
 * Solves a tridiagonal system of n rows in place (Thomas); `right` becomes the answer. Stable where the middle outweighs its
 * neighbours, as heat balances have it.
 */
export function solveTridiagonal(
  n: number,
  lower: Float64Array,
  middle: Float64Array,
  upper: Float64Array,
  right: Float64Array,
): void {
  for (let i = 1; i < n; i += 1) {
    const factor = lower[i]! / middle[i - 1]!;
    middle[i] = middle[i]! - factor * upper[i - 1]!;
    right[i] = right[i]! - factor * right[i - 1]!;
  }
  right[n - 1] = right[n - 1]! / middle[n - 1]!;
  for (let i = n - 2; i >= 0; i -= 1) right[i] = (right[i]! - upper[i]! * right[i + 1]!) / middle[i]!;
}
