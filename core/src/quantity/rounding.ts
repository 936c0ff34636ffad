/** Steps of kitchen rounding for grams: spoons of gum need tenths, a kilogram of flour doesn't. */
const GRID: readonly (readonly [below: number, step: number])[] = [
  [1, 0.05],
  [5, 0.1],
  [20, 0.5],
  [100, 1],
  [Infinity, 5],
];
const SIGNIFICANT = 6;
/** Rounding may move a weight, and so a balance, by no more than this share of it. */
const MOST_MOVED = 0.02;

/**
 * Grams as a cook weighs them: to 0.05 g under 1 g, 0.1 under 5, 0.5 under 20, 1 under 100, 5 above; on a finer grid
 * where the step would move the weight by more than 2 %. Throws RangeError below zero or without a number.
 * Example: 123.4 → 125; 102.4 → 102 (the step of 5 would move it by 2.3 %).
 */
export function roundGrams(grams: number): number {
  if (!(grams >= 0)) throw new RangeError(`No weight: ${grams}`);
  const coarse = GRID.findIndex(([below]) => grams < below);
  for (let at = coarse; at >= 0; at -= 1) {
    const step = GRID[at]![1];
    const rounded = Math.round(grams / step) * step;
    if (Math.abs(rounded - grams) <= MOST_MOVED * grams) return Number(rounded.toPrecision(SIGNIFICANT));
  }
  const short = Number(grams.toPrecision(2));
  return Math.abs(short - grams) <= MOST_MOVED * grams ? short : Number(grams.toPrecision(3));
}

/** Six significant digits: what "same in, same out" means between machines whose last bits differ. */
export const settle = (value: number): number => Number(value.toPrecision(SIGNIFICANT));
