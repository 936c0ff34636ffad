import { betaQuantile } from '../distributions';
import { toNumber } from '../fraction';
import { PROTOCOL, type Protocol } from './protocols';

/** A share and its limits. */
export interface Estimate {
  readonly value: number;
  readonly lower: number;
  readonly upper: number;
}

/** The share of right answers with exact limits (Clopper–Pearson 1934). Example: 7 of 12 → 0.583 (0.277–0.848). */
export function rightAnswers(n: number, k: number, level: number): Estimate {
  const tail = (1 - level) / 2;
  return {
    value: k / n,
    lower: k === 0 ? 0 : betaQuantile(tail, k, n - k + 1),
    upper: k === n ? 1 : betaQuantile(1 - tail, k + 1, n - k),
  };
}

/** The share of people who can tell: what is right beyond chance. Never below nothing at its limits. */
export function tellers(protocol: Protocol, n: number, k: number, level: number): Estimate {
  const chance = toNumber(PROTOCOL[protocol].chance);
  const beyond = (share: number) => (share - chance) / (1 - chance);
  const { value, lower, upper } = rightAnswers(n, k, level);
  return {
    value: beyond(value),
    lower: Math.max(0, beyond(lower)),
    upper: Math.max(0, beyond(upper)),
  };
}
