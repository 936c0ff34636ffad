import { PANS, type PanSize } from '../kitchen';
import type { PanShape } from '../vocabulary';
import { USUAL_FILL } from './data/walls';
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

/** What a vessel may be called: its shape, whether its name is enough, and how wide it is then, cm. */
interface Called {
  readonly shape: PanShape;
  readonly named: boolean;
  readonly acrossCm: number;
}
const called = (): ReadonlyMap<string, Called> =>
  new Map(
    Object.entries(PANS.rows)
      .filter(([, { free }]) => !free)
      .flatMap(([id, { vessel, lengthCm, also }]) => {
        const shape = id as PanShape;
        const others = Object.entries(also).map(
          ([name, { named, acrossCm }]) => [name, { shape, named, acrossCm }] as const,
        );
        return [[id, { shape, named: vessel.named, acrossCm: lengthCm }] as const, ...others];
      }),
  );
const BY_MEASURE = ['cookie', 'microwave'];

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

function sizeOf(asked: string, kind: string, called: Called, words: string | undefined): Vessel {
  const { shape, named, acrossCm } = called;
  if (words === undefined) {
    if (!named) throw new VesselError(asked, `its size is wanted, as in ${kind}:20`);
    return { kind: 'pan', size: { shape, lengthCm: acrossCm, widthCm: acrossCm } };
  }
  const [length = 0, width] = sides(asked, words);
  const { even, tube } = PANS.rows[shape];
  const two = !even || tube !== null;
  if (two && width === undefined)
    throw new VesselError(asked, `two measures are wanted, as in ${kind}:23x13`);
  if (tube === null) return { kind: 'pan', size: { shape, lengthCm: length, widthCm: width ?? length } };
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
    const { lengthCm, widthCm } = PANS.rows.tray;
    return { kind: 'pan', size: { shape: 'tray', lengthCm, widthCm, pieceMl } };
  }
  const kinds = called();
  const known = kinds.get(kind);
  if (!known) throw new VesselError(asked, `one of ${[...kinds.keys(), ...BY_MEASURE].join(', ')} is wanted`);
  return sizeOf(asked, kind, known, words);
}

/** How many of them so much batter is shared among, ml: one tin, or as many cups as it fills two thirds. */
export const usualCount = (size: Omit<PanSize, 'count'>, ml: number): number =>
  PANS.rows[size.shape].vessel.one
    ? 1
    : Math.max(1, Math.round(ml / (panArea({ ...size, count: 1 }) * heightOf(size) * USUAL_FILL)));
