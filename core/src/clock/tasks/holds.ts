import type { Docket, DocketStage } from '../../docket';
import { PANS } from '../../kitchen';
import { TRAY_EMPTIED } from '../data/hands';
import type { TinPool } from '../tins';
import { FRIDGE, type Hold, type Link } from '../types';
import type { OvenLoads } from './loads';

/** How long after the oven a tin is free again: when what is in it can be turned out, or is off the tray. */
export function emptiedAfter({ pan }: DocketStage, docket: Docket, loads: number, main: boolean): number {
  if (!main) return 0;
  const tray = pan === null || PANS.rows[pan.shape].free;
  return tray && loads > 1 ? TRAY_EMPTIED : Math.ceil(docket.bake.coolMinutes);
}

/** How many loads of a stage go in together, by shelves and by tins; and whether the next ones wait for their tins. */
export function goTogether(
  { racks: each, tins }: OvenLoads,
  racks: number,
  pool: TinPool | null,
): { readonly together: number; readonly waitForTins: boolean } {
  const shelves = Math.max(1, Math.floor(racks / each));
  const together = pool ? Math.min(shelves, Math.max(1, Math.floor(pool.count / tins))) : shelves;
  return { together, waitForTins: pool !== null && pool.count < 2 * together * tins };
}

/**
 * Tins of a stage, from what fills them until what was in them is out: of one load from the work before it on, of many each by itself.
 * A tin that goes into the oven once more is held all the while.
 */
export function withTins(
  holds: readonly Hold[],
  tins: { readonly place: string; readonly amount: number },
  loads: readonly string[],
  filled: string | null,
  after: number,
): Hold[] {
  const alone = loads.length === 1;
  const before = holds.find((one) => one.place === tins.place);
  if (alone && before)
    return holds.map((one) => (one === before ? { ...one, to: { task: loads[0]!, at: 'end', after } } : one));
  const own = loads.map((load): Hold => ({
    ...tins,
    from: { task: alone ? (filled ?? load) : load, at: 'begin', after: 0 },
    to: { task: load, at: 'end', after },
  }));
  return [...holds, ...own];
}

/** What waits in the cold has a place there until somebody goes on with it. */
export function inFridge(links: readonly Link[]): Hold[] {
  const cold = links.filter(({ wait }) => wait?.cold);
  return cold
    .filter((one, at) => cold.findIndex(({ from }) => from === one.from) === at)
    .map(({ from, to }) => ({
      place: FRIDGE,
      amount: 1,
      from: { task: from, at: 'end', after: 0 },
      to: { task: to, at: 'begin', after: 0 },
    }));
}
