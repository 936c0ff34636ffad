import {
  canBeCounted,
  friedman,
  friedmanValue,
  halfWidth,
  midranks,
  pairedMean,
  pairsBeyond,
  signTest,
  sumDifferences,
  tastersBeyond,
  tastersFor,
  toNumber,
  wilcoxon,
  type PairedMean,
} from '../statistics';
import type { Given } from './given';
import { ALPHA } from './protocols';
import type { Answer, TastingDocument, Tray } from './types';

/** Two samples beside each other, by the same tasters. */
export interface PairLiked {
  readonly a: number;
  readonly b: number;
  readonly mean: PairedMean;
  readonly wilcoxonP: number;
  readonly signP: number;
}

/** How much each sample was liked, or where it was ranked. */
export interface RankedResult {
  readonly kind: 'ranking' | 'liking';
  readonly tasters: number;
  /** A row a taster, a column a sample: marks, or ranks (1 the least). */
  readonly table: readonly (readonly number[])[];
  readonly means: readonly number[];
  readonly sums: readonly number[];
  readonly p: number;
  /** Every way was counted; else the panel is too large for that, and p is Iman and Davenport's approximation. */
  readonly counted: boolean;
  readonly agreement: number | null;
  /** Pairs of samples whose sums of ranks are further apart than chance brings any of them. */
  readonly apart: readonly (readonly [number, number])[];
  readonly pairs: readonly PairLiked[];
  /** What this panel could have found: sums of ranks further apart than this; of two that are liked, means. Null: they never vary. */
  readonly finds: number | null;
  /** How many tasters like these would find what was seen; null: nothing was, or more than would ever sit at a table. */
  readonly enough: number | null;
}

/** Marks of an answer by sample. */
function bySample(tray: Tray, marks: Readonly<Record<string, number>>, samples: number): number[] {
  return Array.from({ length: samples }, (_, sample) => {
    const cup = tray.cups.find((one) => one.sample === sample);
    return cup ? (marks[cup.code] ?? NaN) : NaN;
  });
}

/** Ranks of an order by code, ties at the middle of their ranks. */
function ranksIn(answer: Answer & { readonly kind: 'order' }): Readonly<Record<string, number>> {
  const places = answer.groups.flatMap((group, at) => group.map((code) => [code, at] as const));
  const ranks = midranks(places.map(([, at]) => at));
  return Object.fromEntries(places.map(([code], at) => [code, ranks[at]!]));
}

/** Told the share that is counted, where that takes a while. */
export type OnProgress = (done: number) => void;

/** Friedman's test: counted where it can be. */
function rankTest(ranks: readonly (readonly number[])[], onProgress?: OnProgress) {
  if (canBeCounted(ranks[0]!.length, ranks.length)) {
    const { p, ...value } = friedman(ranks, onProgress);
    return { ...value, p: toNumber(p), counted: true };
  }
  const value = friedmanValue(ranks);
  return { ...value, p: value.imanDavenport?.p ?? value.approximateP, counted: false };
}

/** What a panel that marked or ordered all samples comes to; null: no ballot is whole. `onProgress` is told the share that is counted. */
export function ranked(
  tasting: TastingDocument,
  all: readonly Given[],
  kind: 'ranking' | 'liking',
  onProgress?: OnProgress,
): RankedResult | null {
  const samples = tasting.samples.length;
  const table = all.flatMap(({ tray, ballot }) => {
    const { answer } = ballot;
    const marks = answer.kind === 'liking' ? answer.marks : answer.kind === 'order' ? ranksIn(answer) : null;
    const row = marks ? bySample(tray, marks, samples) : [];
    return row.length > 0 && row.every(Number.isFinite) ? [row] : [];
  });
  if (table.length === 0) return null;
  const test = rankTest(table.map(midranks), onProgress);
  const limit = sumDifferences(samples, table.length, ALPHA).any;
  const pairs = pairsOf(table);
  const column = (sample: number) => table.map((row) => row[sample]!);
  const indices = Array.from({ length: samples }, (_, at) => at);
  return {
    kind,
    tasters: table.length,
    table,
    means: indices.map((at) => column(at).reduce((sum, one) => sum + one, 0) / table.length),
    sums: test.sums,
    p: test.p,
    counted: test.counted,
    agreement: test.agreement,
    apart: pairsBeyond(test.sums, limit),
    pairs,
    ...(kind === 'liking' && samples === 2
      ? foundByMeans(pairs[0]!.mean)
      : { finds: limit, enough: atTable(tastersBeyond(test.sums, table.length, limit)) }),
  };
}

/** Each pair of samples beside each other: columns of what every taster said. */
const pairsOf = (table: readonly (readonly number[])[]): PairLiked[] =>
  table[0]!.flatMap((_, a) =>
    table[0]!.slice(a + 1).map((_other, at) => {
      const b = a + 1 + at;
      const own = table.map((row) => row[b]! - row[a]!);
      return {
        a,
        b,
        mean: pairedMean(own),
        wilcoxonP: toNumber(wilcoxon(own, 'before').bothWays),
        signP: toNumber(signTest(own).bothWays),
      };
    }),
  );

/** More than so many never sit at a household's table, nor at a village hall's. */
const MOST_AT_TABLE = 200;
const atTable = (tasters: number | null): number | null =>
  tasters !== null && tasters <= MOST_AT_TABLE ? tasters : null;

/** Signed ranks that all fall the same way: 2 / 2⁶ is the first below 0.05. */
const FEWEST_BY_SIGNED_RANKS = 6;

/** By an interval of a mean: how far two must be apart to leave 0 outside, and with how many tasters what was seen would. */
function foundByMeans({ n, mean, sd, interval }: PairedMean): Pick<RankedResult, 'finds' | 'enough'> {
  if (!interval) return { finds: null, enough: null };
  const reachable = halfWidth(MOST_AT_TABLE, sd) <= Math.abs(mean);
  const enough = reachable ? Math.max(tastersFor(Math.abs(mean), sd), FEWEST_BY_SIGNED_RANKS) : null;
  return { finds: halfWidth(n, sd), enough };
}
