import { Matrix, inverse } from 'ml-matrix';
import { chiSquareTail, normalCdf, normalQuantile } from '../distributions';

/** Bradley and Terry (1952), or Thurstone's case V: how a difference of scores becomes a chance to be preferred. */
export const LINKS = ['logit', 'probit'] as const;
export type ScaleLink = (typeof LINKS)[number];

/** `wins[i][j]`: how often i was preferred to j. */
export type Wins = readonly (readonly number[])[];

const density = (x: number): number => Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI);
const CURVE: Readonly<
  Record<ScaleLink, { readonly chance: (x: number) => number; readonly slope: (x: number) => number }>
> = {
  logit: {
    chance: (x) => 1 / (1 + Math.exp(-x)),
    slope: (x) => Math.exp(-Math.abs(x)) / (1 + Math.exp(-Math.abs(x))) ** 2,
  },
  probit: { chance: normalCdf, slope: density },
};

/** Whether scores exist: from each one leads to every other by wins (Ford 1957). */
export function hasScores(wins: Wins): boolean {
  const reach = (from: number, beats: (a: number, b: number) => boolean): number => {
    const seen = new Set([from]);
    for (const one of seen)
      for (let other = 0; other < wins.length; other += 1) if (beats(one, other)) seen.add(other);
    return seen.size;
  };
  return (
    reach(0, (a, b) => wins[a]![b]! > 0) === wins.length &&
    reach(0, (a, b) => wins[b]![a]! > 0) === wins.length
  );
}

export interface PairedScale {
  /** The first is nothing, and what each other's score is uncertain by; and the same about their mean. */
  readonly scores: readonly number[];
  readonly errors: readonly number[];
  readonly centred: readonly number[];
  readonly centredErrors: readonly number[];
  readonly differences: readonly {
    readonly i: number;
    readonly j: number;
    readonly difference: number;
    readonly error: number;
    readonly chance: number;
  }[];
  readonly logLikelihood: number;
  /** That all are alike, and that one scale is enough. */
  readonly alike: { readonly statistic: number; readonly df: number; readonly p: number };
  readonly fit: { readonly statistic: number; readonly df: number; readonly p: number | null };
}

const pairsOf = (wins: Wins): (readonly [number, number, number, number])[] =>
  wins.flatMap((_, i) =>
    wins.slice(i + 1).flatMap((__, at) => {
      const j = i + 1 + at;
      const played = wins[i]![j]! + wins[j]![i]!;
      return played > 0 ? [[i, j, wins[i]![j]!, played] as const] : [];
    }),
  );

/** Gradient and expected information of the scores but the first. */
function stepOf(
  wins: Wins,
  scores: readonly number[],
  link: ScaleLink,
): { gradient: number[]; information: Matrix } {
  const { chance, slope } = CURVE[link];
  const gradient = scores.map(() => 0);
  const information = Matrix.zeros(scores.length, scores.length);
  for (const [i, j, won, played] of pairsOf(wins)) {
    const x = scores[i]! - scores[j]!;
    const [p, s] = [chance(x), slope(x)];
    const weight = s / (p * (1 - p));
    const pull = weight * (won - played * p);
    gradient[i]! += pull;
    gradient[j]! -= pull;
    const held = played * weight * s;
    for (const [a, b, sign] of [
      [i, i, 1],
      [j, j, 1],
      [i, j, -1],
      [j, i, -1],
    ] as const)
      information.set(a, b, information.get(a, b) + sign * held);
  }
  return {
    gradient: gradient.slice(1),
    information: information.subMatrix(1, scores.length - 1, 1, scores.length - 1),
  };
}

const TURNS = 100;

const logOf = (wins: Wins, scores: readonly number[], chance: (x: number) => number): number =>
  pairsOf(wins).reduce((sum, [i, j, won, played]) => {
    const p = chance(scores[i]! - scores[j]!);
    return sum + (won > 0 ? won * Math.log(p) : 0) + (played > won ? (played - won) * Math.log(1 - p) : 0);
  }, 0);

/** Scores on one scale from wins, by maximum likelihood (scoring). Null where none are finite: then somebody always won. */
export function pairedScale(wins: Wins, link: ScaleLink): PairedScale | null {
  if (!hasScores(wins)) return null;
  const { chance } = CURVE[link];
  const k = wins.length;
  let scores = wins.map(() => 0);
  for (let turn = 0; turn < TURNS; turn += 1) {
    const { gradient, information } = stepOf(wins, scores, link);
    const step = inverse(information).mmul(Matrix.columnVector(gradient)).to1DArray();
    scores = scores.map((one, at) => (at === 0 ? 0 : one + step[at - 1]!));
    if (step.every((one) => Math.abs(one) < 1e-14)) break;
  }
  const covariance = Matrix.zeros(k, k);
  covariance.setSubMatrix(inverse(stepOf(wins, scores, link).information), 1, 1);
  const mean = scores.reduce((sum, one) => sum + one, 0) / k;
  const centring = Matrix.eye(k, k).sub(Matrix.ones(k, k).div(k));
  const centred = centring.mmul(covariance).mmul(centring.transpose());
  const pairs = pairsOf(wins);
  const logLikelihood = logOf(wins, scores, chance);
  const deviance = pairs.reduce((sum, [i, j, won, played]) => {
    const p = chance(scores[i]! - scores[j]!);
    const part = (seen: number, expected: number) => (seen > 0 ? 2 * seen * Math.log(seen / expected) : 0);
    return sum + part(won, played * p) + part(played - won, played * (1 - p));
  }, 0);
  const played = pairs.reduce((sum, [, , , games]) => sum + games, 0);
  const likelier = 2 * (logLikelihood - played * Math.log(0.5));
  const df = pairs.length - (k - 1);
  return {
    scores,
    errors: scores.map((_, at) => Math.sqrt(covariance.get(at, at))),
    centred: scores.map((one) => one - mean),
    centredErrors: scores.map((_, at) => Math.sqrt(centred.get(at, at))),
    differences: scores.flatMap((one, i) =>
      scores.slice(i + 1).map((other, at) => {
        const j = i + 1 + at;
        const variance = covariance.get(i, i) + covariance.get(j, j) - 2 * covariance.get(i, j);
        return { i, j, difference: one - other, error: Math.sqrt(variance), chance: chance(one - other) };
      }),
    ),
    logLikelihood,
    alike: { statistic: likelier, df: k - 1, p: chiSquareTail(likelier, k - 1) },
    fit: { statistic: deviance, df, p: df > 0 ? chiSquareTail(deviance, df) : null },
  };
}

/** Mosteller's least squares (1951): mean normal deviates of each sample's shares. Null where a share is nothing or all, or a pair was never tasted. */
export function mosteller(wins: Wins): number[] | null {
  const scores: number[] = [];
  for (const [i, row] of wins.entries()) {
    let sum = 0;
    for (const [j, won] of row.entries()) {
      if (i === j) continue;
      const played = won + wins[j]![i]!;
      if (played === 0 || won === 0 || won === played) return null;
      sum += normalQuantile(won / played);
    }
    scores.push(sum / wins.length);
  }
  return scores;
}

/** Shares of worth that add up to one, of scores on the logit scale. */
export function worths(scores: readonly number[]): number[] {
  const raised = scores.map(Math.exp);
  const sum = raised.reduce((all, one) => all + one, 0);
  return raised.map((one) => one / sum);
}
