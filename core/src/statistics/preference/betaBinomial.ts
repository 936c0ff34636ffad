import { chooseRow } from '../binomial';
import { fraction, type Fraction } from '../fraction';
import type { Beta } from './posterior';

/** P(k of n more are for A), as far as is believed now: products of rising factors. Example: Beta(4, 1), 2 of 2 → 2/3. */
export function betaBinomial({ a, b }: Beta, n: number, k: number): number {
  let chance = Number(chooseRow(n)[k]!);
  for (let at = 0; at < k; at += 1) chance *= a + at;
  for (let at = 0; at < n - k; at += 1) chance *= b + at;
  for (let at = 0; at < n; at += 1) chance /= a + b + at;
  return chance;
}

const rising = (from: number, steps: number): bigint => {
  let product = 1n;
  for (let at = 0; at < steps; at += 1) product *= BigInt(from + at);
  return product;
};

/** The same exactly, of whole counts. */
export const betaBinomialExact = ({ a, b }: Beta, n: number, k: number): Fraction =>
  fraction(chooseRow(n)[k]! * rising(a, k) * rising(b, n - k), rising(a + b, n));
