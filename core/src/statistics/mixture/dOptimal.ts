import { determinant, inverse, Matrix } from 'ml-matrix';
import { compared, fraction, ONE, times, toFraction, toNumber, ZERO, type Fraction } from '../fraction';
import { termsOf, termValues, type Model } from './polynomial';

/** The most that a design of some candidates can tell: det(XᵀX). */
export interface BestDesign {
  readonly best: Fraction;
  readonly sets: readonly (readonly number[])[];
  /** Next to the best; null: there is no other. */
  readonly second: Fraction | null;
  readonly singular: number;
  readonly all: number;
  /** det^(1/p)/n. */
  readonly efficiency: number;
}

/** Exact determinant of whole numbers, without fractions on the way (Bareiss 1968). */
function wholeDeterminant(rows: readonly (readonly bigint[])[]): bigint {
  const m = rows.map((row) => [...row]);
  let [sign, before] = [1n, 1n];
  for (let k = 0; k < m.length - 1; k += 1) {
    const pivot = m.findIndex((row, at) => at >= k && row[k] !== 0n);
    if (pivot < 0) return 0n;
    if (pivot !== k) {
      [m[k], m[pivot]] = [m[pivot]!, m[k]!];
      sign = -sign;
    }
    for (let i = k + 1; i < m.length; i += 1)
      for (let j = k + 1; j < m.length; j += 1)
        m[i]![j] = (m[i]![j]! * m[k]![k]! - m[i]![k]! * m[k]![j]!) / before;
    before = m[k]![k]!;
  }
  return sign * m.at(-1)!.at(-1)!;
}

function* subsets(of: number, size: number, from = 0): Generator<number[]> {
  if (size === 0) {
    yield [];
    return;
  }
  for (let first = from; first <= of - size; first += 1)
    for (const rest of subsets(of, size - 1, first + 1)) yield [first, ...rest];
}

/** XᵀX over the square of a common denominator, whole. */
const information = (rows: readonly (readonly bigint[])[], terms: number): bigint[][] =>
  Array.from({ length: terms }, (_, a) =>
    Array.from({ length: terms }, (__, b) => rows.reduce((sum, row) => sum + row[a]! * row[b]!, 0n)),
  );

/** The best of all choices of so many candidates, each at most once; exact, so that equal ones are equal. */
export function bestDesign(
  candidates: readonly (readonly number[])[],
  model: Model,
  choose: number,
): BestDesign {
  const terms = termsOf(candidates[0]?.length ?? 0, model);
  const exact = candidates.map((blend) => {
    const shares = blend.map(toFraction);
    return terms.map((term) => term.reduce((product, at) => times(product, shares[at]!), ONE));
  });
  const under = exact.flat().reduce((all, { under: one }) => (all * one) / gcd(all, one), 1n);
  const whole = exact.map((row) => row.map(({ over, under: one }) => over * (under / one)));
  const scale = under ** BigInt(2 * terms.length);
  let [best, second]: [bigint, bigint | null] = [-1n, null];
  let sets: number[][] = [];
  let [singular, all] = [0, 0];
  for (const chosen of subsets(candidates.length, choose)) {
    all += 1;
    const det = wholeDeterminant(
      information(
        chosen.map((at) => whole[at]!),
        terms.length,
      ),
    );
    if (det === 0n) singular += 1;
    if (det > best) {
      second = best < 0n ? null : best;
      best = det;
      sets = [chosen];
    } else if (det === best) sets.push(chosen);
    else if (second === null || det > second) second = det;
  }
  const found = best < 0n ? ZERO : fraction(best, scale);
  return {
    best: found,
    sets,
    second: second === null ? null : fraction(second, scale),
    singular,
    all,
    efficiency: compared(found, ZERO) > 0 ? toNumber(found) ** (1 / terms.length) / choose : 0,
  };
}

function gcd(a: bigint, b: bigint): bigint {
  let [one, other] = [a, b];
  while (other > 0n) [one, other] = [other, one % other];
  return one;
}

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
 * A good choice among many candidates by exchange, from several beginnings: the exchange that adds most is made until none does. Places
 * of the chosen candidates, at least as many as there are coefficients.
 */
export function exchangedDesign(
  candidates: readonly (readonly number[])[],
  model: Model,
  choose: number,
  starts = 6,
): number[] {
  const terms = termsOf(candidates[0]?.length ?? 0, model);
  if (choose < terms.length || candidates.length < choose)
    throw new RangeError(`${choose} of ${candidates.length} blends can't tell ${terms.length} coefficients.`);
  const rows = candidates.map((blend) => termValues(blend, terms));
  const value = (chosen: readonly number[]): number => {
    const x = new Matrix(chosen.map((at) => [...rows[at]!]));
    return determinant(x.transpose().mmul(x));
  };
  let best: { readonly chosen: number[]; readonly det: number } | null = null;
  for (let start = 0; start < starts; start += 1) {
    const chosen = spreadOut(rows, choose, Math.floor((start * candidates.length) / starts));
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
