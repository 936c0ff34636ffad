import { fraction, type Fraction } from './fraction';

const rows = new Map<number, readonly bigint[]>();

/** All n over k, k from 0 to n. */
export function chooseRow(n: number): readonly bigint[] {
  const known = rows.get(n);
  if (known) return known;
  const row = [1n];
  for (let k = 1; k <= n; k += 1) row.push((row[k - 1]! * BigInt(n - k + 1)) / BigInt(k));
  rows.set(n, row);
  return row;
}

export function factorial(n: number): bigint {
  let product = 1n;
  for (let factor = 2n; factor <= BigInt(n); factor += 1n) product *= factor;
  return product;
}

/** P(X ≥ k) of n answers that are each right by chance p, exact. Example: 3, 3, 1/3 → 1/27. */
export function upperTail(n: number, k: number, { over, under }: Fraction): Fraction {
  let sum = 0n;
  const row = chooseRow(n);
  const miss = under - over;
  for (let right = Math.max(0, k); right <= n; right += 1)
    sum += row[right]! * over ** BigInt(right) * miss ** BigInt(n - right);
  return fraction(sum, under ** BigInt(n));
}

/** The same with doubles, for a chance that is none of the simple ones. */
export function upperTailOf(n: number, k: number, chance: number): number {
  if (k <= 0) return 1;
  if (chance <= 0 || chance >= 1) return chance >= 1 ? 1 : 0;
  let logOf = 0;
  let sum = 0;
  for (let right = 0; right <= n; right += 1) {
    if (right > 0) logOf += Math.log(n - right + 1) - Math.log(right);
    if (right >= k) sum += Math.exp(logOf + right * Math.log(chance) + (n - right) * Math.log(1 - chance));
  }
  return Math.min(1, sum);
}
