import { solveQP } from 'quadprog';

/** A convex quadratic program: least ½·xᵀQx, with every column c and its bound b holding c·x ≥ b (the first ones exactly). */
export interface QuadraticProgram {
  /** Q, symmetric and positive definite. */
  readonly matrix: readonly (readonly number[])[];
  /** One column of coefficients a constraint. */
  readonly columns: readonly (readonly number[])[];
  readonly bounds: readonly number[];
  /** How many of the constraints, from the first, are equalities. */
  readonly equalities: number;
}

/** quadprog counts from 1, as its Fortran did. */
const oneBased = <T>(values: readonly T[], filler: T): T[] => [filler, ...values];

/**
 * Solves a small dense quadratic program (Goldfarb & Idnani 1983, npm quadprog); undefined where the constraints leave no
 * room. Example: Q = I, x₁ + x₂ = 1 → [0.5, 0.5].
 */
export function solveProgram({
  matrix,
  columns,
  bounds,
  equalities,
}: QuadraticProgram): readonly number[] | undefined {
  const width = matrix.length;
  const rows = Array.from({ length: width }, (_, row) =>
    oneBased(
      columns.map((column) => column[row]!),
      0,
    ),
  );
  const answer = solveQP(
    oneBased(
      matrix.map((row) => oneBased(row, 0)),
      [],
    ),
    oneBased(new Array<number>(width).fill(0), 0),
    oneBased(rows, []),
    oneBased(bounds, 0),
    equalities,
  );
  return answer.message === '' ? answer.solution.slice(1, width + 1) : undefined;
}

/** Constraints collected one at a time, each by its few coefficients that aren't zero. */
export function constraintsOf(width: number) {
  const columns: number[][] = [];
  const bounds: number[] = [];
  return {
    columns,
    bounds,
    /** Σ value·x[row] ≥ bound. */
    add: (entries: readonly (readonly [row: number, value: number])[], bound: number): void => {
      const column = new Array<number>(width).fill(0);
      for (const [row, value] of entries) column[row] = value;
      columns.push(column);
      bounds.push(bound);
    },
  };
}
