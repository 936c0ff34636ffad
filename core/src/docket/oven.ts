import { profileOf, type Profile } from '../family';
import { fahrenheitOf } from '../quantity';
import type { Docket } from './types';

/** Where a bake is cooked that sees no oven. */
const PLACES: Readonly<Record<Profile['cooked'], string>> = {
  oven: 'in the oven',
  griddle: 'on a griddle or in a pan',
  fried: 'in hot fat',
  steamed: 'steamed',
  microwave: 'in the microwave',
};

export const placeWords = (family: Docket['family']['id']): string => PLACES[profileOf(family).cooked];

/** The oven of a docket, or what it is cooked in otherwise. Example: "Oven 175 °C (347 °F), fan". */
export function ovenWords({ bake, family }: Docket): string {
  if (bake.ovenCelsius === null) return `Cooked ${placeWords(family.id)}`;
  return `Oven ${bake.ovenCelsius} °C (${Math.round(fahrenheitOf(bake.ovenCelsius))} °F)${bake.fan ? ', fan' : ''}`;
}
