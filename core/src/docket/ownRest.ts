import { readProcess, type Action } from '../process';
import type { Work } from './plan';

/** A rest that the recipe has by itself, minutes; null: until it looks as it should. */
export interface OwnRest {
  readonly minutes: readonly [number, number] | null;
  readonly cold: boolean;
}

const RESTS: ReadonlySet<Action['class']> = new Set<Action['class']>(['rest', 'chill', 'prove']);
/** Less is a pause, minutes. */
const SHORTEST = 8;

/**
 * The longest time for which the recipe leaves its main mixture before the bake; of a dough that rises the last. Null: it goes
 * on at once, or only something else waits.
 */
export function ownRest({ recipe, kitchen }: Work, yeast: boolean): OwnRest | null {
  const { actions, stages, main, mixtures } = readProcess(recipe, kitchen);
  const bake = main === null ? undefined : stages[main]?.action;
  const end = actions.findIndex(({ id }) => id === bake);
  const own = mixtures.find(({ family }) => family.because === 'main')?.id ?? null;
  const waits = actions
    .slice(0, end < 0 ? actions.length : end)
    .filter(({ class: kind }) => RESTS.has(kind))
    // What a dough that rises does last before the heat is its proof, whatever else is made meanwhile.
    .filter(({ makes }) => yeast || makes === own || makes === null);
  const timed = waits.filter(({ minutes }) => minutes !== null && minutes.high >= SHORTEST);
  // "Leave it until doubled": how long, the dough says.
  if (yeast && timed.length === 0)
    return waits.some(({ class: kind }) => kind === 'prove') ? { minutes: null, cold: false } : null;
  const longest = (best: Action | undefined, one: Action) =>
    best && best.minutes!.high >= one.minutes!.high ? best : one;
  const chosen = yeast ? timed.at(-1) : timed.reduce<Action | undefined>(longest, undefined);
  if (!chosen) return null;
  const { low, high } = chosen.minutes!;
  return { minutes: [low, high], cold: chosen.class === 'chill' };
}
