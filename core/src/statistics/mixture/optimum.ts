import { Matrix, solve, SingularValueDecomposition } from 'ml-matrix';
import { termsOf, termValues } from './polynomial';

/** The best blend within limits, and the limits on which it lies (0-based components). */
export interface Optimum {
  readonly blend: readonly number[];
  readonly value: number;
  readonly atLower: readonly number[];
  readonly atUpper: readonly number[];
}

const NEAR = 1e-9;

/** Where a quadratic is level with some shares free and the others held. Null where it is nowhere, or everywhere. */
function levelAt(
  { linear, pairs }: { readonly linear: readonly number[]; readonly pairs: Matrix },
  held: ReadonlyMap<number, number>,
): number[] | null {
  const q = linear.length;
  const free = Array.from({ length: q }, (_, at) => at).filter((at) => !held.has(at));
  const rest = 1 - [...held.values()].reduce((sum, one) => sum + one, 0);
  const fill = (values: readonly number[]) => {
    const blend = linear.map((_, at) => held.get(at) ?? 0);
    free.forEach((at, place) => (blend[at] = values[place]!));
    return blend;
  };
  if (free.length === 0) return Math.abs(rest) <= NEAR ? fill([]) : null;
  // Of the free shares: ∂/∂xᵢ = λ for each, and they make up what is left.
  const size = free.length + 1;
  const m = Matrix.zeros(size, size);
  const right = Matrix.zeros(size, 1);
  free.forEach((a, row) => {
    free.forEach((b, column) => m.set(row, column, pairs.get(a, b)));
    m.set(row, size - 1, -1);
    m.set(size - 1, row, 1);
    right.set(
      row,
      0,
      -linear[a]! - [...held].reduce((sum, [at, share]) => sum + pairs.get(a, at) * share, 0),
    );
  });
  right.set(size - 1, 0, rest);
  const { diagonal } = new SingularValueDecomposition(m);
  if (Math.min(...diagonal) <= 1e-12 * Math.max(...diagonal)) return null;
  return fill(solve(m, right).to1DArray());
}

/**
 * The best blend of a quadratic Scheffé polynomial within limits: level points of every choice of held limits, the best that lies within
 * (exact for a quadratic; no gradient can be led astray). Coefficients as `termsOf` has them. Null where no blend is within the limits.
 */
export function mixtureOptimum(
  coefficients: readonly number[],
  lower: readonly number[],
  upper: readonly number[],
  goal: 'maximise' | 'minimise' = 'maximise',
): Optimum | null {
  const q = lower.length;
  const terms = termsOf(q, 'quadratic');
  const pairs = Matrix.zeros(q, q);
  terms.forEach((term, at) => {
    const [a, b] = term;
    if (b === undefined) return;
    pairs.set(a!, b, coefficients[at]!);
    pairs.set(b, a!, coefficients[at]!);
  });
  const curve = { linear: coefficients.slice(0, q), pairs };
  const valueOf = (blend: readonly number[]) =>
    termValues(blend, terms).reduce((sum, one, at) => sum + one * coefficients[at]!, 0);
  let best: { blend: number[]; value: number } | null = null;
  for (let choice = 0; choice < 3 ** q; choice += 1) {
    const held = new Map<number, number>();
    for (let at = 0, code = choice; at < q; at += 1, code = Math.floor(code / 3))
      if (code % 3 > 0) held.set(at, code % 3 === 1 ? lower[at]! : upper[at]!);
    const blend = levelAt(curve, held);
    if (!blend || blend.some((one, at) => one < lower[at]! - NEAR || one > upper[at]! + NEAR)) continue;
    const value = valueOf(blend);
    if (!best || (goal === 'maximise' ? value > best.value + 1e-12 : value < best.value - 1e-12))
      best = { blend, value };
  }
  if (!best) return null;
  const on = (limits: readonly number[]) =>
    best.blend.flatMap((one, at) => (Math.abs(one - limits[at]!) <= NEAR ? [at] : []));
  return { ...best, atLower: on(lower), atUpper: on(upper) };
}
