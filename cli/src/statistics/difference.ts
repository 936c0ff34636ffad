import {
  approximateCount,
  criticalCount,
  differenceP,
  differencePower,
  DISTANCES,
  distanceOf,
  panelSize,
  powersOf,
  RIGHT_AT,
  rightAnswers,
  rightShare,
  tellers,
  toNumber,
  toText,
  type Protocol,
} from '@omniarton/core/statistics';
import { atLevels } from './levels';

export interface DifferenceInput {
  readonly test: Protocol;
  readonly n?: number;
  readonly k?: number;
  readonly pd?: number;
  readonly alpha?: number;
  readonly level?: number;
  readonly n_range?: readonly [number, number];
}

const POWERS = [0.8, 0.9] as const;

function critical({ test }: DifferenceInput, n: number): object {
  return atLevels([0.05, 0.01], (alpha, name) => {
    const found = criticalCount(test, n, alpha);
    return {
      [`critical_${name}`]: found?.count ?? null,
      [`attained_alpha_${name}`]: found && toNumber(found.level),
    };
  });
}

function power({ test }: DifferenceInput, n: number, pd: number): object {
  return {
    pc: rightShare(test, pd),
    ...atLevels([0.05, 0.01], (alpha, name) => ({
      [`critical_${name}`]: criticalCount(test, n, alpha)?.count ?? null,
      [`power_${name}`]: differencePower(test, n, alpha, pd),
    })),
  };
}

function size({ test }: DifferenceInput, pd: number, alpha: number): object {
  const powers = powersOf(test, alpha, pd);
  return Object.assign(
    {},
    ...POWERS.map((target) => {
      const { first, stable } = panelSize(powers, target);
      return {
        [`n_first_${target}`]: first,
        [`critical_at_n_first_${target}`]:
          first === null ? null : (criticalCount(test, first, alpha)?.count ?? null),
        [`power_at_n_first_${target}`]: first === null ? null : powers[first - 1],
        [`n_stable_${target}`]: stable,
      };
    }),
  ) as object;
}

/** For which panels the normal approximation has another count than the exact test; where that has none, only a corrected one may agree. */
function approximation(
  { test }: DifferenceInput,
  [from, to]: readonly [number, number],
  alpha: number,
): object {
  const panels = Array.from({ length: to - from + 1 }, (_, at) => from + at);
  const differs = (corrected: boolean) =>
    panels.filter((n) => {
      const exact = criticalCount(test, n, alpha)?.count ?? null;
      const other = approximateCount(test, n, alpha, corrected);
      return corrected ? exact !== other : exact === null || exact !== other;
    });
  return { differs_without_correction: differs(false), differs_with_correction: differs(true) };
}

function limits({ test }: DifferenceInput, n: number, k: number, level: number): object {
  const [right, beyond] = [rightAnswers(n, k, level), tellers(test, n, k, level)];
  return {
    pc_hat: right.value,
    pc_lower: right.lower,
    pc_upper: right.upper,
    pd_hat: beyond.value,
    pd_lower: beyond.lower,
    pd_upper: beyond.upper,
  };
}

/** Triangle, duo-trio and paired comparison: p, critical counts, power, panel sizes, limits. */
export function differenceCase(input: DifferenceInput): object {
  const { test, n, k, pd, alpha, level, n_range: range } = input;
  if (range !== undefined) return approximation(input, range, alpha ?? 0.05);
  if (n === undefined) return size(input, pd ?? 0, alpha ?? 0.05);
  if (k !== undefined && level !== undefined) return limits(input, n, k, level);
  if (k !== undefined) {
    const p = differenceP(test, n, k);
    return { p: toNumber(p), p_fraction: toText(p) };
  }
  return pd === undefined ? critical(input, n) : power(input, n, pd);
}

export interface DistanceInput {
  readonly d_prime?: number;
  readonly correct?: number;
  readonly n?: number;
}

/** Thurstonian distances, and back. */
export const distanceCase = ({ d_prime: d, correct, n }: DistanceInput): object =>
  Object.fromEntries(
    DISTANCES.map((one) => [
      one,
      d === undefined ? distanceOf(one, (correct ?? 0) / (n ?? 1)) : RIGHT_AT[one](d),
    ]),
  );
