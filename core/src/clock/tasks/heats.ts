import type { Docket, DocketStage } from '../../docket';
import { OVEN_HABITS } from '../data/ovens';

/** °C that a stage in the oven asks for; what its ovens are shared by. */
export const heatsOfDocket = (docket: Docket): number[] =>
  (docket.stages ?? [])
    .filter((one: DocketStage) => one.medium === 'oven')
    .flatMap(({ ovenCelsius }) => ovenCelsius ?? docket.bake.ovenCelsius ?? []);

/** Heats that may be baked at together, each with what the oven is then set to: what lies within ten degrees, at their middle. */
export function sharedHeats(celsius: readonly number[]): (own: number) => number {
  const sorted = [...new Set(celsius)].sort((a, b) => a - b);
  const set = new Map<number, number>();
  for (let at = 0; at < sorted.length;) {
    const group = sorted.slice(at).filter((one) => one - sorted[at]! <= OVEN_HABITS.sharedWithin);
    const middle = Math.round((group[0]! + group.at(-1)!) / 2 / 5) * 5;
    for (const one of group) set.set(one, group.length > 1 ? middle : one);
    at += group.length;
  }
  return (own) => set.get(own) ?? own;
}
