import { performance } from 'node:perf_hooks';
import {
  exchangedDesign,
  friedman,
  numbersFrom,
  page,
  powersOf,
  servingOrders,
  shuffled,
  simplexLattice,
  toNumber,
} from '@omniarton/core/statistics';

const SEED = 20_270_619;
const TIMES = 9;

/** The middle of several runs, after one that warms up. */
function took(work: () => unknown): string {
  work();
  const runs = Array.from({ length: TIMES }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  }).sort((a, b) => a - b);
  return `${runs[(TIMES - 1) / 2]!.toFixed(1)} ms`;
}

/** Figures of tastings and designs. */
export function tasteFigures(): void {
  const below = numbersFrom(SEED);
  const panel = (samples: number, tasters: number) =>
    Array.from({ length: tasters }, () =>
      shuffled(
        Array.from({ length: samples }, (_, at) => at + 1),
        below,
      ),
    );
  for (const [samples, tasters] of [
    [3, 12],
    [4, 12],
    [5, 8],
    [5, 10],
    [5, 11],
    [5, 12],
    [6, 12],
  ] as const) {
    const ranks = panel(samples, tasters);
    const exact = samples <= 5 ? `, by Friedman ${took(() => friedman(ranks))}` : '';
    console.log(
      `${samples} samples, ${tasters} tasters, exact: by Page ${took(() => page(ranks))}${exact} (wanted: under 50 ms, or with progress)`,
    );
  }
  console.log(
    `sizes of panels by triangle, one to 420: ${took(() => powersOf('triangle', 0.05, 0.3 + below(1000) / 1e6))}`,
  );
  console.log(`serving orders of four for eleven: ${took(() => servingOrders(4, 11))}`);
  const candidates = simplexLattice(4, 8).map((blend) => blend.map(toNumber));
  console.log(
    `twelve of ${candidates.length} blends, D-optimal by exchange: ${took(() => exchangedDesign(candidates, 'quadratic', 12))} (wanted: under 1000 ms)`,
  );
}
