/** Ranks of one taster's scores, 1 the lowest; those that tie share the middle of their ranks. Example: 5, 7, 5 → 1.5, 3, 1.5. */
export function midranks(scores: readonly number[]): number[] {
  return scores.map((own) => {
    const below = scores.filter((one) => one < own).length;
    const same = scores.filter((one) => one === own).length;
    return below + (same + 1) / 2;
  });
}

export const rankSums = (ranks: readonly (readonly number[])[]): number[] =>
  (ranks[0] ?? []).map((_, sample) => ranks.reduce((sum, row) => sum + row[sample]!, 0));

/** Σ (t³ − t) over the ties of one taster. */
export function tieTerm(row: readonly number[]): number {
  return [...new Set(row)].reduce((sum, value) => {
    const tied = row.filter((one) => one === value).length;
    return sum + tied ** 3 - tied;
  }, 0);
}
