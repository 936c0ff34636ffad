import { toEnd } from '../quantity';
import type { Composition } from '../catalogue';
import { coolSection } from './cooling';
import type { Body } from './conduction';
import { makeMaterial } from './material';
import { STANDARD_PRESSURE } from './steam';

/** What a creamed bake wants at room temperature. */
export type Softened = 'butter, in its block' | 'butter, in cubes' | 'eggs';

const BUTTER: Composition = {
  water: 16,
  protein: 1,
  fat: 82,
  starch: 0,
  sugars: 1,
  fibre: 0,
  ash: 0,
  ethanol: 0,
};
const EGG: Composition = {
  water: 76,
  protein: 12.6,
  fat: 9.5,
  starch: 0,
  sugars: 0.9,
  fibre: 0,
  ash: 1,
  ethanol: 0,
};

const ofMaterial = (composition: Composition, depth: number, reach: Body['reach']): Body => ({
  material: makeMaterial(composition, STANDARD_PRESSURE),
  depth,
  rise: 1,
  porosityRaw: 0,
  reach,
});

/** A block of 250 g as it is sold, cubes of 2 cm, a large egg as a ball of its volume; m. From memory. */
const BODIES: Readonly<Record<Softened, Body>> = {
  'butter, in its block': ofMaterial(BUTTER, 0.04, { kind: 'plate', from: 0, to: 0.028 }),
  'butter, in cubes': ofMaterial(BUTTER, 0.02, { kind: 'sphere', from: 0, to: 0.0124 }),
  eggs: ofMaterial(EGG, 0.04, { kind: 'sphere', from: 0, to: 0.0235 }),
};

/** Soft enough to cream, warm enough not to curdle it, °C. Common practice. */
const SOFT: Readonly<Record<Softened, number>> = {
  'butter, in its block': 16,
  'butter, in cubes': 16,
  eggs: 16,
};
const FRIDGE = 5;

/** Minutes on the counter of a room until each is warm through; null where the room is too cool for it. */
export const softenMinutes = (
  roomCelsius: number,
): readonly { readonly what: Softened; readonly minutes: number | null }[] =>
  (Object.keys(BODIES) as Softened[]).map((what) => ({
    what,
    minutes: toEnd(
      coolSection({
        body: BODIES[what],
        from: FRIDGE,
        place: 'counter',
        to: SOFT[what],
        celsius: roomCelsius,
      }),
    ).minutes,
  }));
