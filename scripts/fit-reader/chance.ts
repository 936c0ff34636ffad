import { hash } from '../../core/src/read/page/cases/labelled';

/** The same order for the same seed. */
export const shuffled = <T>(list: readonly T[], seed: number): T[] =>
  list
    .map((one, at) => [hash(`${seed}:${at}`), one] as const)
    .sort(([a], [b]) => a - b)
    .map(([, one]) => one);

/** Numbers from 0 to 1 out of a seed (linear congruential, Numerical Recipes 1992). */
export function chances(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return (state >>> 8) / 2 ** 24;
  };
}
