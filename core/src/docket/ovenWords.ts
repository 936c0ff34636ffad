import { familyOf, type Profile } from '../family';
import { dialOf, fahrenheitOf } from '../quantity';
import type { Docket } from './types';

/** Where a bake is cooked that sees no oven; one of a family that usually does is fried or steamed for once. */
const PLACES: Readonly<Record<Profile['cooked'], string>> = {
  oven: 'as its steps say',
  griddle: 'on a griddle or in a pan',
  fried: 'in hot fat',
  steamed: 'steamed',
  microwave: 'in the microwave',
};

export const placeWords = (family: Docket['family']['id']): string => PLACES[familyOf(family).cooked];

/** A temperature in both scales. Example: "98 °C (208 °F)". */
export const sayHeat = (celsius: number): string =>
  `${Math.round(celsius)} °C (${Math.round(fahrenheitOf(celsius))} °F)`;

/** A temperature as oven dials have it. Example: 177 → "175 °C (350 °F, gas mark 4)". */
export function sayDial(celsius: number, fan: boolean): string {
  const dial = dialOf(celsius);
  const gas = dial.gas !== null && !fan ? `, gas mark ${dial.gas}` : '';
  return `${dial.celsius} °C (${dial.fahrenheit} °F${gas})${fan ? ' with the fan' : ''}`;
}

/** The oven of a docket, or what it is cooked in otherwise. Example: "Oven 175 °C (350 °F) with the fan". */
export function ovenWords({ bake, family }: Docket): string {
  if (bake.watts !== null) return `Microwave, ${bake.watts} W`;
  if (bake.ovenCelsius === null) return `Cooked ${placeWords(family.id)}`;
  return `Oven ${sayDial(bake.ovenCelsius, bake.fan)}`;
}
