import { PANS, type PanSize } from '../kitchen';
import { METAL_WALL, WALLS } from './data/walls';
import type { Reach } from './grid';

/** By how much the middle of what bakes in a tin is deeper than the mean: a loaf crowns. */
export const crownOf = ({ shape }: TinSize): number => PANS.rows[shape].crown;

/** Inside measures of a tin, cm: for a round one both are its width. `tubeCm`: what stands in the middle of a ring. */
export type TinSize = Pick<PanSize, 'shape' | 'lengthCm' | 'widthCm'> & { readonly tubeCm?: number };

const isRound = ({ shape }: TinSize) => PANS.rows[shape].round;
/** Across the tube of a ring tin, cm, as measured or as such tins are; 0 in any other. */
export function tubeOf({ shape, lengthCm, tubeCm }: TinSize): number {
  const { tube } = PANS.rows[shape];
  return tube === null ? 0 : (tubeCm ?? tube * lengthCm);
}

/** The floor of one tin, cm². A muffin cup and a round tin are circles, a ring is one without its tube. */
export const floorOf = (tin: TinSize): number =>
  isRound(tin) ? (Math.PI / 4) * (tin.lengthCm ** 2 - tubeOf(tin) ** 2) : tin.lengthCm * tin.widthCm;

/** A tin half way up: people measure its rim, which is wider. */
export function halfWayUp(pan: PanSize): TinSize {
  const { taperCm } = PANS.rows[pan.shape].vessel;
  const { shape, lengthCm, widthCm, tubeCm } = pan;
  const narrower = (cm: number) => Math.max(cm / 2, cm - taperCm);
  return {
    shape,
    lengthCm: narrower(lengthCm),
    widthCm: narrower(widthCm),
    ...(tubeCm === undefined ? {} : { tubeCm }),
  };
}

/** The floor of all tins of a bake together, half way up, cm². */
export const panArea = (pan: PanSize): number => floorOf(halfWayUp(pan)) * pan.count;

/**
 * Two pairs of walls are one pair whose middle is as hot when the bake ends: 1/aᵖ = 1/a₁ᵖ + 1/a₂ᵖ. From the product of both pairs'
 * series (Carslaw & Jaeger §1.15, §3.11) at 30 to 65 minutes for tins of 17 × 8 to 33 × 23 cm and 2 to 3·10⁻⁷ m²/s, p is 3 to 16;
 * by their slowest terms alone it would be 2, and the far ends of a loaf would warm its middle, which they don't.
 */
const PAIRS = 4;

/** How far it is to the wall. */
export function reachOf(tin: TinSize): Reach {
  const { lengthCm, widthCm } = tin;
  if (isRound(tin)) return { kind: 'cylinder', from: tubeOf(tin) / 200, to: lengthCm / 200 };
  return {
    kind: 'plate',
    from: 0,
    to: ((200 / lengthCm) ** PAIRS + (200 / widthCm) ** PAIRS) ** (-1 / PAIRS),
  };
}

/** How much more batter fills other tins as deep: the ratio of their floors. */
export const panFactor = (from: PanSize, to: PanSize): number => panArea(to) / panArea(from);

/** Heat through the wall of such a tin, W/(m²·K): of what it is made of, or as such a vessel usually is. */
export function wallOf({ shape, made }: Pick<PanSize, 'shape' | 'made'>): number {
  const { vessel, crockery } = PANS.rows[shape];
  const { wall } = vessel;
  const metal = crockery ? METAL_WALL : wall;
  return made === undefined ? wall : metal * WALLS.rows[made];
}

/** A tin that sparks in a microwave: every one that isn't said to be of something else, but mugs and ramekins. */
export const isMetal = (pan: Pick<PanSize, 'shape' | 'made'> | null): boolean =>
  pan !== null &&
  (pan.made === undefined
    ? !PANS.rows[pan.shape].crockery
    : pan.made === 'bright metal' || pan.made === 'dark metal');

/** Inside height of a tin, cm: as measured, or as such a tin usually is. */
export const heightOf = ({ shape, heightCm }: Pick<PanSize, 'shape' | 'heightCm'>): number =>
  heightCm ?? PANS.rows[shape].vessel.heightCm;

/** A tin that water was poured into: its measures from what it holds. */
export class PouredWaterError extends Error {}

/**
 * The measures of a tin from the water that fills it to the rim, ml, and its height, cm: how wide it is half way up. For a tin of two
 * measures they keep their ratio. Example: 1570 ml in a round tin 5 cm high → 20 cm across. Throws PouredWaterError.
 */
export function sizeByWater(pan: PanSize, ml: number, heightCm: number): PanSize {
  const by = Math.sqrt(ml / heightCm / floorOf(halfWayUp(pan)));
  const [lengthCm, widthCm] = [pan.lengthCm * by, pan.widthCm * by];
  if (!(lengthCm >= 3 && lengthCm <= 60))
    throw new PouredWaterError(
      `${Math.round(ml)} ml in a tin ${heightCm} cm high would make it ${lengthCm.toFixed(0)} cm across: measure again.`,
    );
  return { ...pan, lengthCm, widthCm, heightCm };
}
