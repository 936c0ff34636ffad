import { performance } from 'node:perf_hooks';

export interface Figure {
  readonly median: number;
  readonly p95: number;
}

const WARM_UPS = 5;
const RUNS = 30;

/** Median and 95th percentile of some times, ms. */
export function figureOf(times: readonly number[]): Figure {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
  return { median: at(0.5), p95: at(0.95) };
}

/** Times some work: five warm-ups, thirty runs, or fewer where it is long. */
export function measure(work: (run: number) => unknown, { warmUps = WARM_UPS, runs = RUNS } = {}): Figure {
  for (let run = 0; run < warmUps; run += 1) work(run);
  const times: number[] = [];
  for (let run = 0; run < runs; run += 1) {
    const began = performance.now();
    work(run);
    times.push(performance.now() - began);
  }
  return figureOf(times);
}

/** A fixed loop, so that figures of two machines can be told apart from two versions. */
export function calibration(): number {
  let x = 1;
  for (let i = 0; i < 5_000_000; i += 1) x = (x * 1103515245 + 12345) % 2147483648;
  return x;
}

export const row = (name: string, { median, p95 }: Figure, base: Figure, limit?: number): string =>
  [
    name.padEnd(46),
    `${median.toFixed(2).padStart(9)} ms`,
    `${p95.toFixed(2).padStart(9)} ms`,
    `${(median / base.median).toFixed(2).padStart(8)} ×`,
    limit === undefined ? '' : `(wanted: under ${limit} ms)`,
  ].join('  ');
