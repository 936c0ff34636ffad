import { solveProgram } from '../quantity';
import { programOf } from './bounded';
import type { BlendQuestion, Deviations } from './question';

/** A bound's terms: on a set the least of xᵀGx with Σx = 1, less the offset, is no more than the set's own optimum. */
export interface BoundTerms {
  readonly gram: readonly Float64Array[];
  readonly offset: number;
}

const LEAST_RIDGE = 1e-6;
/** Bounds that meet (a share held by hand) leave the solver no inside: they are loosened by so much, and priced as such. */
const LOOSE = 1e-7;

/**
 * The Gram matrix lifted by what the limits cost. The question without its count of flours is one convex program; its
 * multipliers λ ≥ 0 price every limit, and by weak duality f(x) − Σ λ(c·x − b) is under f wherever the limits hold. That is
 * linear in x beside the square, and as Σx = 1 it folds into the matrix: xᵀ(G + ½(ℓ1ᵀ + 1ℓᵀ) + κ·11ᵀ)x − κ − …, with κ so
 * large that the matrix stays positive definite. So a set's bound still costs only its Cholesky row, but knows of caps,
 * groups and the one-sided properties. Where the program has no answer the plain matrix is a bound too.
 */
export function lifted(question: BlendQuestion, deviations: Deviations): BoundTerms {
  const { flours, pins, floors, caps, ridge } = question;
  const n = flours.length;
  const low = flours.map((id) => (pins[id] ?? floors[id] ?? 0) - LOOSE);
  const cap = flours.map((id) => (pins[id] ?? Math.min(1, caps[id] ?? 1)) + LOOSE);
  const program = programOf(
    flours.map((_, at) => at),
    low,
    cap,
    question,
    deviations,
  );
  const answer = solveProgram(program);
  if (!answer) return { gram: deviations.gram, offset: 0 };
  const { columns, bounds } = program;
  const linear = new Array<number>(program.matrix.length).fill(0);
  let constant = 0;
  // The first is the equality Σx = 1, which the bound keeps as it is.
  for (let k = 1; k < columns.length; k += 1) {
    const price = Math.max(0, answer.multipliers[k]!);
    if (price === 0) continue;
    columns[k]!.forEach((value, row) => (linear[row]! -= price * value));
    constant += price * bounds[k]!;
  }
  // Each slack e of a one-sided property has e² + linear·e, at its least −(linear / 2)².
  for (const slope of linear.slice(n)) constant -= (slope / 2) ** 2;
  const slopes = linear.slice(0, n);
  const kappa = slopes.reduce((sum, one) => sum + one * one, 0) / (4 * Math.max(ridge, LEAST_RIDGE)) + 1;
  const flat = slopes.every((one) => one === 0);
  const add = flat ? 0 : kappa;
  const gram = deviations.gram.map((row, i) =>
    Float64Array.from(row, (value, j) => value + (slopes[i]! + slopes[j]!) / 2 + add),
  );
  return { gram, offset: add - constant };
}
