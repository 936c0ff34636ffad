/** Simpson's rule over an even number of strips. Example: x² from 0 to 3 → 9. */
export function integral(of: (x: number) => number, from: number, to: number, strips = 2000): number {
  const width = (to - from) / strips;
  let sum = of(from) + of(to);
  for (let at = 1; at < strips; at += 1) sum += (at % 2 === 1 ? 4 : 2) * of(from + at * width);
  return (sum * width) / 3;
}

/** Where a function that only rises reaches a value, by halving. */
export function reaches(of: (x: number) => number, value: number, from: number, to: number): number {
  let [low, high] = [from, to];
  for (let turn = 0; turn < 200 && high - low > 1e-14 * Math.max(1, Math.abs(high)); turn += 1) {
    const middle = (low + high) / 2;
    if (of(middle) < value) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
