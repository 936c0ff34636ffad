import { compared, fraction, ONE, times, toFraction, toNumber, ZERO, type Fraction } from '../fraction';
import { exchangedRows } from '../surface';
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

/** As `exchangedRows`, of blends under a Scheffé polynomial. */
export function exchangedDesign(
  candidates: readonly (readonly number[])[],
  model: Model,
  choose: number,
): number[] {
  const terms = termsOf(candidates[0]?.length ?? 0, model);
  return exchangedRows(
    candidates.map((blend) => termValues(blend, terms)),
    choose,
  );
}
