import type { Docket, DocketStage } from '../../docket';
import { planTrays } from '../../heat';
import { PANS } from '../../kitchen';
import { OVEN_DOOR } from '../data/hands';
import { OVEN_HABITS } from '../data/ovens';
import type { TinPool } from '../tins';

/** How a stage goes through the oven: loads of the same time, each on so many shelves. */
export interface OvenLoads {
  readonly count: number;
  readonly racks: number;
  readonly minutes: number;
  readonly trays: boolean;
  /** Tins, or trays, of each. */
  readonly tins: number;
}

/** From the hand on the oven's door to what is out of it, minutes. */
export const blockMinutes = (minutes: number): number => OVEN_DOOR.load + minutes + OVEN_DOOR.unload;

/** How many of a tin stand side by side on a shelf. */
function onShelf(lengthCm: number, widthCm: number): number {
  const [long, short] = OVEN_HABITS.shelf;
  const fit = (a: number, b: number) => Math.floor(long / a) * Math.floor(short / b);
  return Math.max(1, fit(lengthCm, widthCm), fit(widthCm, lengthCm));
}

/** Minutes that a plan allows: all of the window, and longer where its own trays stand in the oven together. */
function allowed({ minutes }: DocketStage, docket: Docket, together: boolean): number {
  const whole = minutes?.high ?? docket.bake.minutes?.high ?? docket.bake.minutes?.central ?? 0;
  return Math.max(1, Math.ceil(whole * (together ? OVEN_HABITS.twoLonger : 1)));
}

/**
 * The loads of an oven stage: pieces by the tray, tins by the shelf and by how many of them there are. Example:
 * 30 cookies of 6 cm on trays of 40 × 30 cm → two trays, each a load.
 */
export function loadsOf(
  stage: DocketStage,
  docket: Docket,
  racks: number,
  pool: TinPool | null = null,
): OvenLoads {
  const { piece } = docket.bake;
  const free = stage.pan === null || PANS.rows[stage.pan.shape].free;
  if (piece && free) {
    const trayCm = stage.pan ? ([stage.pan.lengthCm, stage.pan.widthCm] as const) : ([40, 30] as const);
    const { trays } = planTrays({ pieces: piece.count, acrossCm: piece.acrossCm, trayCm, racks, minutes: 1 });
    return {
      count: trays,
      racks: 1,
      minutes: allowed(stage, docket, trays > 1 && racks > 1),
      trays: trays > 1,
      tins: 1,
    };
  }
  const tins = stage.pan === null || free ? 1 : stage.pan.count;
  const cups = stage.pan !== null && !PANS.rows[stage.pan.shape].vessel.one;
  const shelves =
    stage.pan === null || cups ? 1 : Math.ceil(tins / onShelf(stage.pan.lengthCm, stage.pan.widthCm));
  const whole = Math.ceil(tins / (pool?.cups ?? (cups ? tins : 1)));
  // No more stand in the oven at once than there are of them.
  const count = Math.max(Math.ceil(shelves / racks), Math.ceil(whole / (pool?.count ?? whole)));
  return {
    count,
    racks: Math.min(racks, Math.ceil(shelves / count)),
    minutes: allowed(stage, docket, shelves > 1),
    trays: count > 1,
    tins: Math.ceil(whole / count),
  };
}
