import { readProcess, WAITS, type Action } from '../process';
import type { Work } from './plan';

/** A rest that the recipe has by itself, minutes; null: until it looks as it should. */
export interface OwnRest {
  readonly minutes: readonly [number, number] | null;
  readonly cold: boolean;
  /** The action that says so. */
  readonly action: string;
}

/** Less is a pause, minutes. */
const SHORTEST = 8;

/**
 * The longest time for which the recipe leaves its main mixture before the bake; of a dough that rises the last. Null: it goes
 * on at once, or only something else waits.
 */
export function ownRest(
  { recipe, kitchen }: Pick<Work, 'recipe' | 'kitchen'>,
  yeast: boolean,
): OwnRest | null {
  const { actions, stages, main, mixtures } = readProcess(recipe, kitchen);
  const bake = main === null ? undefined : stages[main]?.action;
  const end = actions.findIndex(({ id }) => id === bake);
  const own = mixtures.find(({ family }) => family.because === 'main')?.id ?? null;
  const waits = actions
    .slice(0, end < 0 ? actions.length : end)
    .filter(({ class: kind }) => WAITS.has(kind))
    // What a dough that rises does last before the heat is its proof, whatever else is made meanwhile.
    .filter(({ makes }) => yeast || makes === own || makes === null);
  const timed = waits.filter(({ minutes }) => minutes !== null && minutes.high >= SHORTEST);
  // "Leave it until doubled": how long, the dough says.
  if (yeast && timed.length === 0) {
    const proof = waits.find(({ class: kind }) => kind === 'prove');
    return proof ? { minutes: null, cold: false, action: proof.id } : null;
  }
  const longest = (best: Action | undefined, one: Action) =>
    best && best.minutes!.high >= one.minutes!.high ? best : one;
  const chosen = yeast ? timed.at(-1) : timed.reduce<Action | undefined>(longest, undefined);
  if (!chosen) return null;
  const { low, high } = chosen.minutes!;
  return { minutes: [low, high], cold: chosen.class === 'chill', action: chosen.id };
}
