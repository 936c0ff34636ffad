import { familyOf, type Profile } from '../family';
import { sayDial, systemOf, type MeasureSystem } from './system';
import type { Docket } from './types';

/** Where a bake is cooked that sees no oven; one of a family that usually does is fried or steamed for once. */
const PLACES: Readonly<Record<Profile['cooked'], string>> = {
  oven: 'as its steps say',
  griddle: 'on a griddle or in a pan',
  fried: 'in hot fat',
  steamed: 'steamed',
  microwave: 'in the microwave',
  cold: 'not at all: it sets in the cold',
};

export const placeWords = (family: Docket['family']['id']): string => PLACES[familyOf(family).cooked];

/** The oven of a docket, or what it is cooked in otherwise. Example: "Oven 175 °C (350 °F) with the fan". */
export function ovenWords(
  { bake, family, locale }: Docket,
  system: MeasureSystem = systemOf(locale),
): string {
  if (bake.watts !== null) return `Microwave, ${bake.watts} W`;
  if (bake.ovenCelsius === null) return `Cooked ${placeWords(family.id)}`;
  return `Oven ${sayDial(bake.ovenCelsius, bake.fan, system)}`;
}
