import { SET_CODES } from './setCodes';

/** The field of 251⁶ elements: polynomials in θ below θ⁶ = −3θ − 19, the constant first. */
const Q = 251;
const DEGREE = 6;
type Element = readonly number[];
const THETA: Element = [0, 1, 0, 0, 0, 0];
const ONE: Element = [1, 0, 0, 0, 0, 0];

function times(a: Element, b: Element): Element {
  const product = new Array<number>(2 * DEGREE - 1).fill(0);
  a.forEach((x, i) => b.forEach((y, j) => (product[i + j] = (product[i + j]! + x * y) % Q)));
  for (let power = 2 * DEGREE - 2; power >= DEGREE; power -= 1) {
    const over = product[power]!;
    product[power - DEGREE] = (product[power - DEGREE]! + over * (Q - 19)) % Q;
    product[power - DEGREE + 1] = (product[power - DEGREE + 1]! + over * (Q - 3)) % Q;
  }
  return product.slice(0, DEGREE);
}

function power(base: Element, exponent: bigint): Element {
  let [result, square] = [ONE, base];
  for (let left = exponent; left > 0n; left >>= 1n) {
    if (left & 1n) result = times(result, square);
    square = times(square, square);
  }
  return result;
}

const ORDER = 251n ** 6n - 1n;
const PRIMES = [2n, 3n, 5n, 7n, 13n, 43n, 1471n, 1609n];

// Bose & Chowla (1962): a sum of six such logarithms is that of a product of six θ + a, and those products differ, since a polynomial of
// degree 5 that is zero at θ is zero.
describe('codes of sets', () => {
  it('θ runs through all elements but zero', () => {
    let left = ORDER;
    for (const prime of PRIMES) while (left % prime === 0n) left /= prime;
    expect(left).toBe(1n);
    expect(power(THETA, ORDER)).toEqual(ONE);
    for (const prime of PRIMES) expect(power(THETA, ORDER / prime)).not.toEqual(ONE);
  });
  it('each code is the logarithm of θ + a, so that sums of six tell their sets apart', () => {
    expect(SET_CODES).toHaveLength(Q);
    SET_CODES.forEach((code, a) => expect(power(THETA, BigInt(code))).toEqual([a, 1, 0, 0, 0, 0]));
  });
  it('six of them stay exact', () =>
    expect(6 * Math.max(...SET_CODES)).toBeLessThan(Number.MAX_SAFE_INTEGER));
});
