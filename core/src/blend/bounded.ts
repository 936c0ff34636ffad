import { constraintsOf, solveProgram, type QuadraticProgram } from '../quantity';
import type { BlendQuestion, Deviations } from './question';

export interface Bounded {
  readonly shares: readonly number[];
  readonly value: number;
}

/** Slack within which a bound counts as kept: the solver's own precision. */
const TOLERANCE = 1e-9;
const CURVATURE_OF_SLACK = 1;

/** The objective at some shares: two-sided squares with the ridge, and one-sided squares above zero. */
export function objective(
  members: readonly number[],
  shares: readonly number[],
  { gram, above }: Deviations,
): number {
  let sum = 0;
  members.forEach((i, a) => members.forEach((j, b) => (sum += shares[a]! * shares[b]! * gram[i]![j]!)));
  const properties = above[0]?.length ?? 0;
  for (let p = 0; p < properties; p += 1) {
    const value = members.reduce((total, i, a) => total + shares[a]! * above[i]![p]!, 0);
    if (value > 0) sum += value * value;
  }
  return sum;
}

/** What keeps shares in their place: Σx = 1 first, then floors, caps and groups, over `width` variables of which x are the first. */
function limitsOf(
  members: readonly number[],
  low: readonly number[],
  cap: readonly number[],
  { flours, groups }: BlendQuestion,
  width: number,
) {
  const limits = constraintsOf(width);
  limits.add(
    members.map((_, a) => [a, 1] as const),
    1,
  );
  members.forEach((_, a) => limits.add([[a, 1]], low[a]!));
  members.forEach((_, a) => limits.add([[a, -1]], -cap[a]!));
  for (const group of groups) {
    const inside = members.flatMap((i, a) => (group.members.includes(flours[i]!) ? [[a, -1] as const] : []));
    if (inside.length > 0) limits.add(inside, -group.most);
  }
  return limits;
}

/**
 * The question on some flours as a program: x by their order, then a slack e ≥ a·x, e ≥ 0 for each one-sided property that
 * any of them passes. The equality Σx = 1 comes first.
 */
export function programOf(
  members: readonly number[],
  low: readonly number[],
  cap: readonly number[],
  question: BlendQuestion,
  { gram, above }: Deviations,
): QuadraticProgram {
  const overs = (above[0] ?? []).map((_, p) => p).filter((p) => members.some((i) => above[i]![p]! > 0));
  const n = members.length;
  const size = n + overs.length;
  const { columns, bounds, add } = limitsOf(members, low, cap, question, size);
  overs.forEach((p, s) => {
    add([...members.map((i, a) => [a, -above[i]![p]!] as const), [n + s, 1]], 0);
    add([[n + s, 1]], 0);
  });
  const matrix = Array.from({ length: size }, (_, i) =>
    Array.from({ length: size }, (_x, j) => {
      if (i < n && j < n) return 2 * gram[members[i]!]![members[j]!]!;
      return i === j ? 2 * CURVATURE_OF_SLACK : 0;
    }),
  );
  return { matrix, columns, bounds, equalities: 1 };
}

const MOST_TURNS = 6;

/**
 * The same without slacks, a third of the work: with those one-sided squares in that are passed. Where the answer passes just
 * those it is the optimum, since the objective is convex and has the same slope there; else they are looked at again.
 * Undefined where that doesn't settle.
 */
function withoutSlacks(
  members: readonly number[],
  low: readonly number[],
  cap: readonly number[],
  question: BlendQuestion,
  { gram, above }: Deviations,
): readonly number[] | undefined | 'no room' {
  const { columns, bounds } = limitsOf(members, low, cap, question, members.length);
  const count = above[0]?.length ?? 0;
  // At equal shares: nearer to the answer than none.
  let passed = Array.from(
    { length: count },
    (_, p) => members.reduce((sum, i) => sum + above[i]![p]!, 0) > 0,
  );
  for (let turn = 0; turn < MOST_TURNS; turn += 1) {
    const matrix = members.map((i) =>
      members.map((j) => {
        let value = gram[i]![j]!;
        for (let p = 0; p < count; p += 1) if (passed[p]) value += above[i]![p]! * above[j]![p]!;
        return 2 * value;
      }),
    );
    const x = solveProgram({ matrix, columns, bounds, equalities: 1 })?.x;
    if (!x) return 'no room';
    const now = passed.map((_, p) => members.reduce((sum, i, a) => sum + x[a]! * above[i]![p]!, 0) > 0);
    if (now.every((one, p) => one === passed[p])) return x;
    passed = now;
  }
  return undefined;
}

/**
 * The best shares of just these flours within their bounds and the group limits, each used; undefined when the limits
 * leave no room. A convex quadratic program (Goldfarb & Idnani 1983, npm quadprog).
 */
export function boundedOptimum(
  members: readonly number[],
  question: BlendQuestion,
  deviations: Deviations,
): Bounded | undefined {
  const { flours, caps, leastShare, pins, floors } = question;
  const n = members.length;
  const pinned = members.map((i) => pins[flours[i]!]);
  const low = pinned.map(
    (pin, a) => pin ?? (n === 1 ? 1 : Math.max(leastShare, floors[flours[members[a]!]!] ?? 0)),
  );
  const cap = members.map((i, a) => pinned[a] ?? Math.min(1, caps[flours[i]!] ?? 1));
  const sum = (values: readonly number[]) => values.reduce((total, one) => total + one, 0);
  if (sum(cap) < 1 - TOLERANCE || sum(low) > 1 + TOLERANCE || cap.some((one, a) => one < low[a]! - TOLERANCE))
    return undefined;
  if (pinned.every((pin) => pin !== undefined))
    return { shares: low, value: objective(members, low, deviations) };
  const quick = withoutSlacks(members, low, cap, question, deviations);
  if (quick === 'no room') return undefined;
  const solution = quick ?? solveProgram(programOf(members, low, cap, question, deviations))?.x;
  if (!solution) return undefined;
  const shares = members.map((_, a) => Math.min(cap[a]!, Math.max(low[a]!, solution[a]!)));
  return { shares, value: objective(members, shares, deviations) };
}
