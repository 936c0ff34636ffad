import { betaCdf, betaDensity, betaQuantile } from '../distributions';
import { chooseRow, factorial } from '../binomial';
import { fraction, plus, toNumber, ZERO, type Fraction } from '../fraction';
import { integral } from '../integral';

/** What is believed of a share: Beta(a, b). */
export interface Beta {
  readonly a: number;
  readonly b: number;
}

export const isWhole = ({ a, b }: Beta): boolean => Number.isInteger(a) && Number.isInteger(b);

/** P(share > ½), exact where both counts are whole: a tail of fair coins. Example: Beta(3, 2) → 11/16. Null where they aren't. */
export function overHalfExact({ a, b }: Beta): Fraction | null {
  if (!isWhole({ a, b })) return null;
  const coins = a + b - 1;
  const ways = chooseRow(coins)
    .slice(0, a)
    .reduce((sum, one) => sum + one, 0n);
  return fraction(ways, 2n ** BigInt(coins));
}

/** P(share > ½). */
export function overHalf(belief: Beta): number {
  const exact = overHalfExact(belief);
  return exact ? toNumber(exact) : 1 - betaCdf(0.5, belief.a, belief.b);
}

/** A posterior in figures. */
export interface Preference extends Beta {
  readonly mean: number;
  readonly sd: number;
  readonly better: number;
  readonly interval: readonly [number, number];
}

/** What so many preferences for A and for B make of a prior; nobody's "no preference" counts. Example: 2 to 1 on Beta(1, 1) → 0.69 that A is better. */
export function preference(forA: number, forB: number, prior: Beta): Preference {
  const [a, b] = [prior.a + forA, prior.b + forB];
  return {
    a,
    b,
    mean: a / (a + b),
    sd: Math.sqrt((a * b) / ((a + b) ** 2 * (a + b + 1))),
    better: overHalf({ a, b }),
    interval: [betaQuantile(0.025, a, b), betaQuantile(0.975, a, b)],
  };
}

export const atLeast = ({ a, b }: Beta, share: number): number => 1 - betaCdf(share, a, b);

/** Γ(a)Γ(b)/Γ(a + b) of whole numbers. */
const betaOf = (a: number, b: number): Fraction =>
  fraction(factorial(a - 1) * factorial(b - 1), factorial(a + b - 1));

/** P(one share > another), exact where all counts are whole (a finite sum). Null where they aren't. */
export function moreThanExact(one: Beta, other: Beta): Fraction | null {
  if (!isWhole(one) || !isWhole(other)) return null;
  let sum = ZERO;
  for (let i = 0; i < one.a; i += 1) {
    const top = betaOf(other.a + i, one.b + other.b);
    const lower = betaOf(1 + i, one.b);
    const base = betaOf(other.a, other.b);
    sum = plus(
      sum,
      fraction(top.over * lower.under * base.under, top.under * lower.over * base.over * BigInt(one.b + i)),
    );
  }
  return sum;
}

/** P(one share > another), of groups that have nobody in common. Example: 8 of 10 against 5 of 10 → 0.909. */
export function moreThan(one: Beta, other: Beta): number {
  const exact = moreThanExact(one, other);
  if (exact) return toNumber(exact);
  return integral((x) => betaDensity(x, one.a, one.b) * betaCdf(x, other.a, other.b), 1e-9, 1 - 1e-9);
}
