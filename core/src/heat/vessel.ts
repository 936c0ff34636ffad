import { TINS, type PanSize } from '../kitchen';
import type { PanShape } from '../vocabulary';
import { USUAL_FILL, VESSELS } from './data/vessels';
import { WATTS } from './microwave';
import { heightOf, panArea } from './pan';

/** A vessel that can't be: what was asked for, and what is understood. */
export class VesselError extends Error {
  constructor(asked: string, why: string) {
    super(`“${asked}”: ${why}`);
    this.name = 'VesselError';
  }
}

/** Something to bake in; or a microwave, which has only its power. */
export type Vessel =
  | { readonly kind: 'pan'; readonly size: Omit<PanSize, 'count'> }
  | { readonly kind: 'microwave'; readonly watts: number };

const SMALLEST_CM = 2;
const LARGEST_CM = 60;
const SCOOP_ML = [3, 250] as const;
/** A cupcake's cup is a little narrower than a muffin's. */
const CUPCAKE_CM = 6.3;
const SHAPES = Object.keys(VESSELS.rows).filter((one) => one !== 'tray');
const KINDS = [...SHAPES, 'cookie', 'microwave'];

function within(
  asked: string,
  value: number,
  [least, most]: readonly [number, number],
  unit: string,
): number {
  if (!Number.isFinite(value) || value < least || value > most)
    throw new VesselError(asked, `a measure from ${least} to ${most} ${unit} is wanted`);
  return value;
}

const sides = (asked: string, words: string): number[] =>
  words.split('x').map((one) => within(asked, Number(one), [SMALLEST_CM, LARGEST_CM], 'cm'));

function sizeOf(asked: string, kind: keyof typeof VESSELS.rows, words: string | undefined): Vessel {
  const { shape, named } = VESSELS.rows[kind];
  if (words === undefined) {
    if (!named) throw new VesselError(asked, `its size is wanted, as in ${kind}:20`);
    const across = kind === 'cupcake' ? CUPCAKE_CM : TINS.rows[shape].lengthCm;
    return { kind: 'pan', size: { shape, lengthCm: across, widthCm: across } };
  }
  const [length = 0, width] = sides(asked, words);
  const two = shape === 'rect' || shape === 'loaf' || shape === 'ring';
  if (two && width === undefined)
    throw new VesselError(asked, `two measures are wanted, as in ${kind}:23x13`);
  if (shape !== 'ring') return { kind: 'pan', size: { shape, lengthCm: length, widthCm: width ?? length } };
  if (width! >= length) throw new VesselError(asked, 'the tube is wider than the tin');
  return { kind: 'pan', size: { shape, lengthCm: length, widthCm: length, tubeCm: width! } };
}

/**
 * Reads a vessel as the command line has it: `round:23`, `rect:33x23`, `loaf:23x13`, `ring:25x8` (across and its tube), `cupcake`,
 * `cookie:30ml`, `microwave:800` (cm, ml, W). Throws VesselError with what is wanted instead.
 */
export function vesselOf(asked: string): Vessel {
  const [kind = '', words] = asked.trim().toLowerCase().split(':');
  if (kind === 'microwave') return { kind, watts: within(asked, Number(words), WATTS, 'W') };
  if (kind === 'cookie') {
    const pieceMl = within(asked, Number((words ?? '').replace(/ml$/, '')), SCOOP_ML, 'ml');
    const { lengthCm, widthCm } = TINS.rows.tray;
    return { kind: 'pan', size: { shape: 'tray', lengthCm, widthCm, pieceMl } };
  }
  if (!SHAPES.includes(kind)) throw new VesselError(asked, `one of ${KINDS.join(', ')} is wanted`);
  return sizeOf(asked, kind as PanShape | 'cupcake', words);
}

/** How many of them so much batter is shared among, ml: one tin, or as many cups as it fills two thirds. */
export const usualCount = (size: Omit<PanSize, 'count'>, ml: number): number =>
  VESSELS.rows[size.shape].one
    ? 1
    : Math.max(1, Math.round(ml / (panArea({ ...size, count: 1 }) * heightOf(size) * USUAL_FILL)));
