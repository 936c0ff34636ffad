import { determinant, inverse, Matrix, SingularValueDecomposition } from 'ml-matrix';
import { fTail, tQuantile } from '../distributions';

/** What a fitted surface says of a point: a blend, or settings of a process. */
export interface Predicted {
  readonly value: number;
  readonly leverage: number;
  /** Null where nothing is left to judge the spread by. */
  readonly error: number | null;
  readonly mean: readonly [number, number] | null;
  readonly next: readonly [number, number] | null;
}

export interface FTest {
  readonly f: number;
  readonly p: number;
}

export interface SurfaceFit {
  readonly n: number;
  readonly coefficients: readonly number[];
  readonly sse: number;
  readonly df: number;
  readonly sst: number;
  readonly r2: number | null;
  readonly adjusted: number | null;
  readonly det: number;
  readonly s: number | null;
  readonly errors: readonly number[] | null;
  /** That all points are alike. */
  readonly test: FTest | null;
  /** Σ (e/(1 − h))²; null where a bake stands alone. */
  readonly press: number | null;
  readonly pure: { readonly ss: number; readonly df: number } | null;
  readonly lack: { readonly ss: number; readonly df: number; readonly test: FTest | null } | null;
  readonly at: (point: readonly number[]) => Predicted;
}

/** Below this share of the greatest a singular value is nothing. */
const SINGULAR = 1e-10;
const ALPHA = 0.05;

/** Bakes of the very same point tell how much one alone varies. */
function pureError(points: readonly (readonly number[])[], y: readonly number[]): { ss: number; df: number } {
  const groups = new Map<string, number[]>();
  points.forEach((point, at) => {
    const key = point.map((one) => one.toFixed(9)).join();
    groups.set(key, [...(groups.get(key) ?? []), y[at]!]);
  });
  let [ss, df] = [0, 0];
  for (const own of groups.values()) {
    const mean = own.reduce((sum, one) => sum + one, 0) / own.length;
    ss += own.reduce((sum, one) => sum + (one - mean) ** 2, 0);
    df += own.length - 1;
  }
  return { ss, df };
}

const testOf = (a: number, df1: number, b: number, df2: number): FTest | null => {
  if (df1 <= 0 || df2 <= 0 || b <= 0) return null;
  const f = a / df1 / (b / df2);
  return { f, p: fTail(f, df1, df2) };
};

/**
 * A surface fitted by least squares. `rowOf`: what a point puts beside each coefficient, an intercept among them where there is one; the
 * coefficients can make a constant. Null where the points can't tell them apart.
 */
export function fitSurface(
  points: readonly (readonly number[])[],
  rowOf: (point: readonly number[]) => readonly number[],
  y: readonly number[],
): SurfaceFit | null {
  const rows = points.map((point) => [...rowOf(point)]);
  const [n, p] = [rows.length, rows[0]?.length ?? 0];
  if (n < p || p === 0) return null;
  const x = new Matrix(rows);
  const { diagonal } = new SingularValueDecomposition(x);
  if (Math.min(...diagonal) <= SINGULAR * Math.max(...diagonal)) return null;
  const square = x.transpose().mmul(x);
  const back = inverse(square);
  const b = back.mmul(x.transpose()).mmul(Matrix.columnVector(y));
  const fitted = x.mmul(b).to1DArray();
  const residuals = y.map((one, at) => one - fitted[at]!);
  const sse = residuals.reduce((sum, one) => sum + one * one, 0);
  const mean = y.reduce((sum, one) => sum + one, 0) / n;
  const sst = y.reduce((sum, one) => sum + (one - mean) ** 2, 0);
  const df = n - p;
  const s = df > 0 ? Math.sqrt(sse / df) : null;
  const leverageOf = (row: readonly number[]): number => {
    const own = Matrix.rowVector([...row]);
    return own.mmul(back).mmul(own.transpose()).get(0, 0);
  };
  const left = residuals.map((one, at) => one / (1 - leverageOf(x.getRow(at))));
  const alone = x.to2DArray().some((row) => 1 - leverageOf(row) < 1e-9);
  const own = pureError(points, y);
  const lackDf = df - own.df;
  const rest = Math.max(0, sse - own.ss);
  return {
    n,
    coefficients: b.to1DArray(),
    sse,
    df,
    sst,
    r2: sst > 0 ? 1 - sse / sst : null,
    adjusted: sst > 0 && df > 0 ? 1 - sse / df / (sst / (n - 1)) : null,
    det: determinant(square),
    s,
    errors: s === null ? null : Array.from({ length: p }, (_, at) => s * Math.sqrt(back.get(at, at))),
    test: testOf(sst - sse, p - 1, sse, df),
    press: alone ? null : left.reduce((sum, one) => sum + one * one, 0),
    pure: own.df > 0 ? own : null,
    lack:
      own.df > 0 && lackDf > 0 ? { ss: rest, df: lackDf, test: testOf(rest, lackDf, own.ss, own.df) } : null,
    at: (point) => {
      const row = rowOf(point);
      const value = Matrix.rowVector([...row])
        .mmul(b)
        .get(0, 0);
      const leverage = leverageOf(row);
      if (s === null) return { value, leverage, error: null, mean: null, next: null };
      const error = s * Math.sqrt(leverage);
      const t = tQuantile(1 - ALPHA / 2, df);
      const around = (by: number) => [value - t * by, value + t * by] as const;
      return { value, leverage, error, mean: around(error), next: around(s * Math.sqrt(1 + leverage)) };
    },
  };
}
