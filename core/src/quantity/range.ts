/** A number with its doubt: `low ≤ central ≤ high`, all in the same unit. */
export interface Range {
  readonly central: number;
  readonly low: number;
  readonly high: number;
}

export const range = (central: number, low = central, high = central): Range => ({
  central,
  low: Math.min(low, central),
  high: Math.max(high, central),
});

export const addRanges = (a: Range, b: Range): Range => ({
  central: a.central + b.central,
  low: a.low + b.low,
  high: a.high + b.high,
});

/** Multiplies by a certain number ≥ 0. */
export const scaleRange = (a: Range, factor: number): Range => ({
  central: a.central * factor,
  low: a.low * factor,
  high: a.high * factor,
});

/** Multiplies two doubtful numbers ≥ 0. */
export const multiplyRanges = (a: Range, b: Range): Range => ({
  central: a.central * b.central,
  low: a.low * b.low,
  high: a.high * b.high,
});
