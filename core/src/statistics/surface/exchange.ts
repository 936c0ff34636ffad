import { determinant, inverse, Matrix } from 'ml-matrix';

/** Below this the best exchange makes no difference that could be told. */
const WORTH = 1e-9;

/** The best exchange of one chosen candidate for another: by how much it multiplies the determinant (Fedorov 1972). */
function bestExchange(
  rows: readonly (readonly number[])[],
  chosen: readonly number[],
): { readonly at: number; readonly to: number; readonly ratio: number } {
  const x = new Matrix(rows.map((row) => [...row]));
  const own = new Matrix(chosen.map((at) => [...rows[at]!]));
  const back = inverse(own.transpose().mmul(own));
  const spread = x.mmul(back);
  const cross = spread.mmul(own.transpose());
  const each = rows.map((row, at) => row.reduce((sum, one, term) => sum + one * spread.get(at, term), 0));
  let best = { at: -1, to: -1, ratio: 1 };
  for (let at = 0; at < chosen.length; at += 1)
    for (let to = 0; to < rows.length; to += 1) {
      if (chosen.includes(to)) continue;
      const ratio = (1 - each[chosen[at]!]!) * (1 + each[to]!) + cross.get(to, at) ** 2;
      if (ratio > best.ratio) best = { at, to, ratio };
    }
  return best;
}

/** A first choice that can tell all coefficients apart: each candidate that adds most to what is there (Gram and Schmidt). */
function spreadOut(rows: readonly (readonly number[])[], choose: number, first: number): number[] {
  const left = rows.map((row) => [...row]);
  const chosen: number[] = [];
  while (chosen.length < choose) {
    const size = (at: number) =>
      chosen.includes(at) ? -1 : left[at]!.reduce((sum, one) => sum + one * one, 0);
    const sizes = left.map((_, at) => size(at));
    const next = chosen.length === 0 ? first : sizes.indexOf(Math.max(...sizes));
    const length = left[next]!.reduce((sum, one) => sum + one * one, 0);
    const along = [...left[next]!];
    chosen.push(next);
    if (length > 1e-12)
      for (const row of left) {
        const share = row.reduce((sum, one, term) => sum + one * along[term]!, 0) / length;
        row.forEach((one, term) => (row[term] = one - share * along[term]!));
      }
  }
  return chosen;
}

/**
 * A choice among many candidates that tells most of their coefficients (D-optimal), by exchange from several beginnings: the exchange that
 * adds most is made until none does. A row is what a candidate puts beside each coefficient. Places of the chosen, at least as many as there
 * are coefficients. Throws RangeError where they are fewer.
 */
export function exchangedRows(rows: readonly (readonly number[])[], choose: number, starts = 6): number[] {
  const coefficients = rows[0]?.length ?? 0;
  if (choose < coefficients || rows.length < choose)
    throw new RangeError(`${choose} of ${rows.length} candidates can't tell ${coefficients} coefficients.`);
  const value = (chosen: readonly number[]): number => {
    const x = new Matrix(chosen.map((at) => [...rows[at]!]));
    return determinant(x.transpose().mmul(x));
  };
  let best: { readonly chosen: number[]; readonly det: number } | null = null;
  for (let start = 0; start < starts; start += 1) {
    const chosen = spreadOut(rows, choose, Math.floor((start * rows.length) / starts));
    for (;;) {
      if (value(chosen) <= 0) break;
      const { at, to, ratio } = bestExchange(rows, chosen);
      if (at < 0 || ratio <= 1 + WORTH) break;
      chosen[at] = to;
    }
    const det = value(chosen);
    if (!best || det > best.det) best = { chosen, det };
  }
  return [...best!.chosen].sort((a, b) => a - b);
}
