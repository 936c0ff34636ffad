import { fahrenheitOf } from './units';

/** An oven temperature as three dials have it. */
export interface DialSetting {
  readonly celsius: number;
  readonly fahrenheit: number;
  /** "¼", "½", "1" to "9"; null below and above its marks. */
  readonly gas: string | null;
}

const CELSIUS_STEP = 5;
const FAHRENHEIT_STEP = 25;
/** As far from a mark of 25 °F a dial is still set to it. */
const FAHRENHEIT_NEAR = 6;
const FINE_FAHRENHEIT_STEP = 5;

/**
 * Gas marks, and the °C that kitchens set for each: what cookbooks print for it, and the dial's steps about that. 170 °C is mark 3 as
 * much as 160 is. Common practice: the table of oven settings in the back of many cookbooks there.
 */
const GAS_MARKS: readonly (readonly [
  mark: string,
  printed: number,
  low: number,
  high: number,
  typed?: string,
])[] = [
  ['¼', 110, 105, 115, '1/4'],
  ['½', 120, 120, 130, '1/2'],
  ['1', 140, 135, 140],
  ['2', 150, 145, 155],
  ['3', 165, 160, 170],
  ['4', 180, 175, 185],
  ['5', 190, 190, 195],
  ['6', 200, 200, 210],
  ['7', 220, 215, 225],
  ['8', 230, 230, 235],
  ['9', 240, 240, 250],
];

const toStep = (value: number, step: number): number => Math.round(value / step) * step;

/** The nearest that an oven dial has, °C: to 5. Example: 176.7 → 175. */
export const dialCelsius = (celsius: number): number => toStep(celsius, CELSIUS_STEP);

/** A temperature as it is set on a dial: °C to 5, °F to 25 where that is near and else to 5, the gas mark. Example: 177 → 175 °C, 350 °F, 4. */
export function dialOf(celsius: number): DialSetting {
  const exact = fahrenheitOf(celsius);
  const marked = toStep(exact, FAHRENHEIT_STEP);
  const shown = dialCelsius(celsius);
  const gas = GAS_MARKS.find(([, , low, high]) => low <= shown && shown <= high);
  return {
    celsius: shown,
    fahrenheit: Math.abs(exact - marked) <= FAHRENHEIT_NEAR ? marked : toStep(exact, FINE_FAHRENHEIT_STEP),
    gas: gas?.[0] ?? null,
  };
}

/** °C that a gas mark is set to; undefined where there is no such mark. Example: 4 → 180. */
export const celsiusOfGas = (mark: string): number | undefined =>
  GAS_MARKS.find(([one, , , , typed]) => one === mark || typed === mark)?.[1];
