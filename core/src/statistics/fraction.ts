/** An exact number: a whole numerator over a positive whole denominator, in lowest terms. */
export interface Fraction {
  readonly over: bigint;
  readonly under: bigint;
}

function commonDivisor(a: bigint, b: bigint): bigint {
  let [one, other] = [a < 0n ? -a : a, b < 0n ? -b : b];
  while (other > 0n) [one, other] = [other, one % other];
  return one;
}

/** Throws RangeError where the denominator is nothing. Example: 6/−4 → −3/2. */
export function fraction(over: bigint, under: bigint = 1n): Fraction {
  if (under === 0n) throw new RangeError('A fraction has no denominator.');
  const sign = under < 0n ? -1n : 1n;
  const divisor = commonDivisor(over, under) || 1n;
  return { over: (sign * over) / divisor, under: (sign * under) / divisor };
}

export const ZERO = fraction(0n);
export const ONE = fraction(1n);

export const plus = (a: Fraction, b: Fraction): Fraction =>
  fraction(a.over * b.under + b.over * a.under, a.under * b.under);
export const minus = (a: Fraction, b: Fraction): Fraction => plus(a, { ...b, over: -b.over });
export const times = (a: Fraction, b: Fraction): Fraction => fraction(a.over * b.over, a.under * b.under);
export const over = (a: Fraction, b: Fraction): Fraction => fraction(a.over * b.under, a.under * b.over);

/** Below nothing where a is less, above where it is more. */
export function compared(a: Fraction, b: Fraction): number {
  const difference = a.over * b.under - b.over * a.under;
  return difference < 0n ? -1 : difference > 0n ? 1 : 0;
}

/** Bits that a double holds. */
const DOUBLE = 53;

/** The nearest double, however long numerator and denominator are. */
export function toNumber({ over: top, under }: Fraction): number {
  const spare = under.toString(2).length - (2 * DOUBLE + 11);
  const shift = BigInt(Math.max(0, spare));
  return Number(top >> shift) / Number(under >> shift);
}

/** "1/27". */
export const toText = ({ over: top, under }: Fraction): string => `${top}/${under}`;

/** Longest denominator that a decimal may stand for. */
const MOST_UNDER = 100_000;
const NEAR = 1e-12;

/** The simplest fraction that a double stands for (continued fractions). Example: 0.6666666666666666 → 2/3; 0.05 → 1/20. */
export function toFraction(value: number): Fraction {
  let [top, bottom, oldTop, oldBottom] = [1n, 0n, 0n, 1n];
  let rest = value;
  for (let turn = 0; turn < 40; turn += 1) {
    const whole = BigInt(Math.floor(rest));
    [top, oldTop] = [whole * top + oldTop, top];
    [bottom, oldBottom] = [whole * bottom + oldBottom, bottom];
    const near = Math.abs(Number(top) / Number(bottom) - value) <= NEAR * Math.max(1, Math.abs(value));
    const left = rest - Math.floor(rest);
    if (near || left < 1e-15 || Number(bottom) > MOST_UNDER) break;
    rest = 1 / left;
  }
  return fraction(top, bottom);
}
