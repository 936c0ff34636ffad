import { tBothTails } from './distributions';
import { fraction, type Fraction } from './fraction';
import { chooseRow } from './binomial';

/** Tasters who found a thing too little, just about right or too much, and how they liked it. */
export interface JarGroup {
  readonly count: number;
  readonly share: number;
  /** Mean liking; null: nobody is in it. */
  readonly mean: number | null;
  /** By how much it lies below those for whom it was right; null where one of the two is empty. */
  readonly drop: number | null;
  /** The drop times the share: what it costs the panel. */
  readonly penalty: number;
  readonly frequent: boolean;
}

export interface JarPenalty {
  readonly n: number;
  readonly mean: number;
  readonly right: { readonly count: number; readonly share: number; readonly mean: number | null };
  readonly little: JarGroup;
  readonly much: JarGroup;
  /** Mean of those for whom it was right less that of all others; null where one of the two is empty. */
  readonly overall: number | null;
  readonly total: number;
  /** Null where fewer than two are on one side. */
  readonly t: { readonly se: number; readonly df: number; readonly t: number; readonly p: number } | null;
  /** Exact: who found it right is dealt out anew in every way. */
  readonly permutationP: Fraction | null;
}

/** The middle of a just-about-right scale of five. */
const RIGHT = 3;
/** From this share on a penalty is worth a word. Common practice. */
const FREQUENT = 0.2;

const meanOf = (of: readonly number[]): number | null =>
  of.length === 0 ? null : of.reduce((sum, one) => sum + one, 0) / of.length;
const squaresOf = (of: readonly number[]): number =>
  of.reduce((sum, one) => sum + (one - meanOf(of)!) ** 2, 0);

/** Penalties of a just-about-right scale (1 to 5). Example: those who missed salt liked it 2.45 less, 35 % of all → 0.86. */
export function jarPenalty(liking: readonly number[], jar: readonly number[]): JarPenalty {
  const n = liking.length;
  const of = (which: (mark: number) => boolean) => liking.filter((_, at) => which(jar[at]!));
  const right = of((mark) => mark === RIGHT);
  const others = of((mark) => mark !== RIGHT);
  const best = meanOf(right);
  const group = (members: readonly number[]): JarGroup => {
    const mean = meanOf(members);
    const share = members.length / n;
    const drop = mean === null || best === null ? null : best - mean;
    return {
      count: members.length,
      share,
      mean,
      drop,
      penalty: (drop ?? 0) * share,
      frequent: share >= FREQUENT,
    };
  };
  const [little, much] = [group(of((mark) => mark < RIGHT)), group(of((mark) => mark > RIGHT))];
  const rest = meanOf(others);
  return {
    n,
    mean: meanOf(liking) ?? 0,
    right: { count: right.length, share: right.length / n, mean: best },
    little,
    much,
    overall: best === null || rest === null ? null : best - rest,
    total: little.penalty + much.penalty,
    t: pooled(right, others),
    permutationP: best === null || rest === null ? null : dealt(liking, right),
  };
}

function pooled(a: readonly number[], b: readonly number[]): JarPenalty['t'] {
  if (a.length < 2 || b.length < 2) return null;
  const df = a.length + b.length - 2;
  const se = Math.sqrt(((squaresOf(a) + squaresOf(b)) / df) * (1 / a.length + 1 / b.length));
  if (se < 1e-12) return null;
  const t = (meanOf(a)! - meanOf(b)!) / se;
  return { se, df, t, p: tBothTails(t, df) };
}

/** The share of all ways to choose so many tasters in which their mean lies as far from that of the others. */
function dealt(liking: readonly number[], right: readonly number[]): Fraction {
  const scaled = liking.map((one) => Math.round(one * 100));
  let ways = new Map<string, bigint>([['0,0', 1n]]);
  for (const one of scaled) {
    const next = new Map(ways);
    for (const [key, count] of ways) {
      const [chosen, sum] = key.split(',').map(Number) as [number, number];
      if (chosen === right.length) continue;
      const to = `${chosen + 1},${sum + one}`;
      next.set(to, (next.get(to) ?? 0n) + count);
    }
    ways = next;
  }
  const all = scaled.reduce((sum, one) => sum + one, 0);
  const [n, k] = [liking.length, right.length];
  // Of means, |sum/k − (all − sum)/(n − k)| is in order as |n·sum − k·all|.
  const off = (sum: number) => Math.abs(n * sum - k * all);
  const seen = off(right.reduce((sum, one) => sum + Math.round(one * 100), 0));
  let far = 0n;
  for (const [key, count] of ways) {
    const [chosen, sum] = key.split(',').map(Number) as [number, number];
    if (chosen === k && off(sum) >= seen) far += count;
  }
  return fraction(far, chooseRow(n)[k]!);
}
