import { expected, KINDS, type ChainWeights } from '../../core/src/read/page/chain';
import { PAGE_KINDS } from '../../core/src/vocabulary';
import { chances, shuffled } from './chance';
import type { Page } from './pages';

const EPOCHS = 20;
const RATE = 0.03;
const PAIR_RATE = 3;
/** Inverse variance of the weights' prior. */
const PRIOR = 2;
/** A feature that fewer pages have says nothing of others. */
const LEAST_PAGES = 7;
/** So many of a line's features are left out each time (dropout, Srivastava 2014): no weight leans on one that is never missing. */
const DROPPED = 0.3;
/** The weights of the last epochs are averaged (Polyak 1992). */
const AVERAGED = 8;
const SEED = 7;
const TINY = 1e-6;

interface Cell {
  readonly weights: number[];
  /** Squared slopes so far: what has moved much moves less (AdaGrad, Duchi 2011). */
  readonly slopes: number[];
}
const cellOf = (): Cell => ({
  weights: new Array<number>(KINDS).fill(0),
  slopes: new Array<number>(KINDS).fill(TINY),
});

function move({ weights, slopes }: Cell, off: readonly number[], prior: number, rate = RATE): void {
  off.forEach((value, k) => {
    const slope = value + prior * weights[k]!;
    slopes[k]! += slope * slope;
    weights[k]! -= (rate * slope) / Math.sqrt(slopes[k]!);
  });
}

function countsOf(pages: readonly Page[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const { active } of pages)
    for (const name of new Set(active.flat())) counts.set(name, (counts.get(name) ?? 0) + 1);
  return counts;
}

/** Takes the weights of an epoch, and settles on the mean of all that were taken. */
function averageOf(cells: readonly Cell[]) {
  const sums = cells.map(({ weights }) => weights.map(() => 0));
  return {
    take: () =>
      cells.forEach(({ weights }, at) => weights.forEach((value, k) => (sums[at]![k]! += value / AVERAGED))),
    settle: () => cells.forEach(({ weights }, at) => weights.splice(0, weights.length, ...sums[at]!)),
  };
}

const weightsOf = ({ weights }: Cell) => weights;
const asWeights = (
  cells: ReadonlyMap<string, Cell>,
  pairs: readonly (readonly Cell[])[],
  ending: Cell,
): ChainWeights => ({
  unit: 1,
  features: Object.fromEntries([...cells].map(([name, cell]) => [name, cell.weights])),
  pairs: pairs.map((half) => half.map(weightsOf)),
  endings: ending.weights,
});

/** A linear-chain conditional random field (Lafferty 2001) with a Gaussian prior, fitted page by page. Deterministic. */
export function fit(pages: readonly Page[]): ChainWeights {
  const cells = new Map(
    [...countsOf(pages)].filter(([, count]) => count >= LEAST_PAGES).map(([name]) => [name, cellOf()]),
  );
  const pairs = [0, 1].map(() => Array.from({ length: KINDS + 1 }, cellOf));
  const known = new Map(
    pages.map((page) => [page, page.active.map((names) => names.flatMap((name) => cells.get(name) ?? []))]),
  );
  const ending: Cell = { weights: [0, 0], slopes: [TINY, TINY] };
  const prior = PRIOR / pages.length;
  const chance = chances(SEED);
  const learn = (page: Page) => {
    const lines = known.get(page)!.map((own) => own.filter(() => chance() >= DROPPED));
    const unary = lines.map((own) =>
      PAGE_KINDS.map((_, k) => own.reduce((sum, { weights }) => sum + weights[k]!, 0)),
    );
    const now = { pairs: pairs.map((half) => half.map(({ weights }) => weights)), endings: ending.weights };
    const free = expected(unary, now);
    const told = expected(
      unary.map((scores, at) => {
        const { kind, also } = page.rows[at]!;
        return scores.map((score, k) => (k === kind || also.includes(k) ? score : -Infinity));
      }),
      now,
    );
    const off = new Map<Cell, number[]>();
    lines.forEach((own, at) => {
      const line = free.kinds[at]!.map((value, k) => value - told.kinds[at]![k]!);
      for (const cell of own) {
        const sum = off.get(cell);
        if (sum) line.forEach((value, k) => (sum[k]! += value));
        else off.set(cell, [...line]);
      }
    });
    for (const [cell, sum] of off) move(cell, sum, prior);
    move(
      ending,
      free.endings.map((value, t) => value - told.endings[t]!),
      prior,
      PAIR_RATE,
    );
    pairs.forEach((half, t) =>
      half.forEach((cell, a) =>
        move(
          cell,
          free.pairs[t]![a]!.map((value, k) => value - told.pairs[t]![a]![k]!),
          prior,
          PAIR_RATE,
        ),
      ),
    );
  };
  const average = averageOf([...cells.values(), ...pairs.flat(), ending]);
  for (let epoch = 0; epoch < EPOCHS; epoch += 1) {
    shuffled(pages, epoch).forEach(learn);
    if (epoch >= EPOCHS - AVERAGED) average.take();
  }
  average.settle();
  return asWeights(cells, pairs, ending);
}
