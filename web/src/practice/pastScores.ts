import { attempt } from '../base/attempt';

const KEY = 'omniarton.practice';
/** So many are remembered, the newest last. */
const REMEMBERED = 20;

/** Points of practice bakes in this browser, the newest last. */
export const pastScores = (): readonly number[] =>
  attempt(() => JSON.parse(localStorage.getItem(KEY) ?? '[]') as readonly number[]) ?? [];

/** Those with one more. */
export function keepScore(total: number): readonly number[] {
  const all = [...pastScores(), total].slice(-REMEMBERED);
  attempt(() => localStorage.setItem(KEY, JSON.stringify(all)));
  return all;
}
