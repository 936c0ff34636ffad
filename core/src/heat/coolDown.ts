import type { Steps } from '../quantity';
import type { Left } from './conduction';
import { coolSection } from './cooling';
import type { PlaceId } from './data/places';
import type { BatterBake } from './batter';
import type { SectionResult } from './section';

/** How a bake cools: in its tin as long as its family wants, then on a rack. */
export interface CoolDown {
  /** The warmest place when it leaves the tin, °C. */
  readonly afterTin: number;
  /** Minutes from the oven until it is cold through, and may be cut; null: not within the time that was given. */
  readonly cold: number | null;
}

/** Cold enough to cut: the starch has firmed and the crumb no longer tears. Common practice. */
const CUT_CELSIUS = 30;
const MOST_MINUTES = 600;

/** Cools what a bake left, cell by cell; it goes on drying as long as it is warm. */
export function* coolDown(
  bake: BatterBake,
  { last, risen }: SectionResult,
  tinMinutes: number,
): Steps<CoolDown> {
  const body = {
    ...bake,
    material: bake.material.boiledOff,
    depth: risen.depth,
    porosityRaw: risen.porosity,
    rise: 1,
  };
  const cool = (from: Left, place: PlaceId, most: number) =>
    coolSection({ body, from, place, to: CUT_CELSIUS, dries: true, most });
  const tin = yield* cool(last, 'tin', tinMinutes);
  if (tin.minutes !== null) return { afterTin: CUT_CELSIUS, cold: tin.minutes };
  const rack = yield* cool(tin.last, 'rack', MOST_MINUTES);
  return {
    afterTin: tin.slowest.at(-1)![1],
    cold: rack.minutes === null ? null : tinMinutes + rack.minutes,
  };
}
