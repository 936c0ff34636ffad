/** Wald's lines (1945; ISO 16820): at or above the upper one there is a difference, at or below the lower one none. */
export interface SequentialLines {
  readonly slope: number;
  readonly below: number;
  readonly above: number;
}

/** Example: p₀ ⅓, p₁ ⅔, α 0.05, β 0.1 → slope 0.5, 1.62 below, 2.08 above. */
export function sequentialLines(p0: number, p1: number, alpha: number, beta: number): SequentialLines {
  const scale = Math.log((p1 * (1 - p0)) / (p0 * (1 - p1)));
  return {
    slope: Math.log((1 - p0) / (1 - p1)) / scale,
    below: Math.log((1 - alpha) / beta) / scale,
    above: Math.log((1 - beta) / alpha) / scale,
  };
}

/** Counts are whole: a hair beside one is that one. */
const HAIR = 1e-9;

/** Right answers among n at which one may stop; null: not that way yet. */
export function stopsAt(
  { slope, below, above }: SequentialLines,
  n: number,
): { readonly difference: number | null; readonly none: number | null } {
  const up = Math.ceil(slope * n + above - HAIR);
  const down = Math.floor(slope * n - below + HAIR);
  return { difference: up <= n ? up : null, none: down >= 0 ? down : null };
}
