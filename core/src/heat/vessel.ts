import { USUAL_FILL, VESSELS, type VesselRow } from './data/vessels';
import { floorOf, type TinSize } from './pan';

/** A vessel that can't be: what was asked for, and what is understood. */
export class VesselError extends Error {
  constructor(asked: string, why: string) {
    super(`“${asked}”: ${why}`);
    this.name = 'VesselError';
  }
}

/** Something to bake in, measured half way up; or a microwave, which has only its power. */
export type Vessel =
  | { readonly kind: 'tin'; readonly row: VesselRow; readonly size: TinSize }
  | { readonly kind: 'scoop'; readonly row: VesselRow; readonly ml: number }
  | { readonly kind: 'microwave'; readonly watts: number };

const SMALLEST_CM = 2;
const LARGEST_CM = 60;
const SCOOP_ML = [3, 250] as const;
const WATTS = [100, 2000] as const;
const KINDS = [...Object.keys(VESSELS.rows), 'microwave'];

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

/**
 * Reads a vessel as the command line has it: `round:23`, `rect:33x23`, `loaf:23x13`, `ring:25x8` (across and its tube), `cupcake`,
 * `cookie:30ml`, `microwave:800` (cm, ml, W). Throws VesselError with what is wanted instead.
 */
export function vesselOf(asked: string): Vessel {
  const [kind = '', words] = asked.trim().toLowerCase().split(':');
  if (kind === 'microwave') return { kind, watts: within(asked, Number(words), WATTS, 'W') };
  const row = VESSELS.rows[kind];
  if (!row) throw new VesselError(asked, `one of ${KINDS.join(', ')} is wanted`);
  if (kind === 'cookie')
    return {
      kind: 'scoop',
      row,
      ml: within(asked, Number((words ?? '').replace(/ml$/, '')), SCOOP_ML, 'ml'),
    };
  if (words === undefined && row.acrossCm === null)
    throw new VesselError(asked, `its size is wanted, as in ${kind}:20`);
  const [length, width] = words === undefined ? [row.acrossCm!] : sides(asked, words);
  const two = row.shape === 'rect' || row.shape === 'loaf' || row.shape === 'ring';
  if (two && width === undefined)
    throw new VesselError(asked, `two measures are wanted, as in ${kind}:23x13`);
  if (row.shape === 'ring' && width! >= length!)
    throw new VesselError(asked, 'the tube is wider than the tin');
  const lengthCm = length! - row.taperCm;
  const widthCm = (row.shape === 'ring' || width === undefined ? length! : width) - row.taperCm;
  const tube = row.shape === 'ring' ? { tubeCm: width! } : {};
  return { kind: 'tin', row, size: { shape: row.shape, lengthCm, widthCm, ...tube } };
}

/** How many of them so much batter is shared among, ml: one tin, or as many cups as it fills two thirds. */
export const usualCount = (vessel: Vessel & { kind: 'tin' }, ml: number): number =>
  vessel.row.one
    ? 1
    : Math.max(1, Math.round(ml / (floorOf(vessel.size) * vessel.row.heightCm * USUAL_FILL)));
