import { solveQP } from 'quadprog';

/** A convex quadratic program: least ½·xᵀQx − d·x, with every column c and its bound b holding c·x ≥ b (the first ones exactly). */
export interface QuadraticProgram {
  /** Q, symmetric and positive definite. */
  readonly matrix: readonly (readonly number[])[];
  /** d; none: zero. */
  readonly linear?: readonly number[];
  /** One column of coefficients a constraint. */
  readonly columns: readonly (readonly number[])[];
  readonly bounds: readonly number[];
  /** How many of the constraints, from the first, are equalities. */
  readonly equalities: number;
}

/** Where a program is least, and what each constraint costs there (≥ 0 for an inequality; 0 where it isn't reached). */
export interface ProgramAnswer {
  readonly x: readonly number[];
  readonly multipliers: readonly number[];
}

/** quadprog counts from 1, as its Fortran did. */
const oneBased = <T>(values: readonly T[], filler: T): T[] => [filler, ...values];

/**
 * Solves a small dense quadratic program (Goldfarb & Idnani 1983, npm quadprog); undefined where the constraints leave no
 * room. Example: Q = I, x₁ + x₂ = 1 → x = [0.5, 0.5].
 */
export function solveProgram({
  matrix,
  linear,
  columns,
  bounds,
  equalities,
}: QuadraticProgram): ProgramAnswer | undefined {
  const width = matrix.length;
  const square = [new Array<number>(0)];
  const rows = [new Array<number>(0)];
  for (let row = 0; row < width; row += 1) {
    square.push(oneBased(matrix[row]!, 0));
    const own = new Array<number>(columns.length + 1);
    own[0] = 0;
    for (let k = 0; k < columns.length; k += 1) own[k + 1] = columns[k]![row]!;
    rows.push(own);
  }
  const answer = solveQP(
    square,
    oneBased(linear ?? new Array<number>(width).fill(0), 0),
    rows,
    oneBased(bounds, 0),
    equalities,
  );
  if (answer.message !== '') return undefined;
  return {
    x: answer.solution.slice(1, width + 1),
    multipliers: answer.Lagrangian.slice(1, columns.length + 1),
  };
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
