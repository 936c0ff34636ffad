import { ROOM_LIMIT } from '../data/hands';
import type { Link, Work } from '../types';

/**
 * Egg or dairy is out of the cold for two hours at most, from the first task that has it to its heat. Null where the method itself asks
 * for longer.
 */
export function roomLimit(
  { work, links }: { readonly work: readonly Work[]; readonly links: readonly Link[] },
  firstMix: string,
  load: string,
): Link | null {
  const first = work.findIndex(({ id }) => id === firstMix);
  const minutes = work.slice(first + 1).reduce((sum, one) => sum + one.minutes, 0);
  const waits = links
    .filter(({ from }) => work.slice(first).some(({ id }) => id === from))
    .reduce((sum, { least }) => sum + Math.max(0, least), 0);
  if (minutes + waits > ROOM_LIMIT) return null;
  return { from: firstMix, to: load, least: 0, most: ROOM_LIMIT, wait: null };
}
