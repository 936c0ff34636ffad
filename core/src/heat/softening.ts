import { getIngredient, type Catalogue } from '../catalogue';
import { toEnd } from '../quantity';
import { coolSection } from './cooling';
import { SOFTENING } from './data/softening';
import { makeMaterial } from './material';
import { STANDARD_PRESSURE } from './steam';

/** How long something takes on the counter until it is warm through; null where the room is too cool for it. */
export interface Softening {
  readonly what: string;
  readonly minutes: number | null;
}

/** Butter and eggs out of the fridge in a room of so many °C: until their coldest place can be creamed. */
export const softenMinutes = (roomCelsius: number, catalogue: Catalogue): readonly Softening[] =>
  Object.values(SOFTENING.rows).map(({ name, ingredient, depth, reach }) => {
    const material = makeMaterial(getIngredient(catalogue, ingredient).composition, STANDARD_PRESSURE);
    const body = { material, depth, rise: 1, porosityRaw: 0, reach };
    const place = {
      from: SOFTENING.fridge,
      place: 'counter',
      to: SOFTENING.soft,
      celsius: roomCelsius,
    } as const;
    return { what: name, minutes: toEnd(coolSection({ body, ...place })).minutes };
  });
