import { celsiusOf, fahrenheitOf } from './units';

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

/** Gas marks and the °F that each stands for: 25 °F apart from mark 1 at 275 °F, two marks below it. Common practice. */
const GAS_MARKS: readonly (readonly [mark: string, fahrenheit: number, typed?: string])[] = [
  ['¼', 225, '1/4'],
  ['½', 250, '1/2'],
  ...Array.from({ length: 9 }, (_, at) => [String(at + 1), 275 + 25 * at] as const),
];
const GAS_NEAR = 13;

const toStep = (value: number, step: number): number => Math.round(value / step) * step;

/** The nearest that an oven dial has, °C: to 5. Example: 176.7 → 175. */
export const dialCelsius = (celsius: number): number => toStep(celsius, CELSIUS_STEP);

/** A temperature as it is set on a dial: °C to 5, °F to 25 where that is near and else to 5, the gas mark. Example: 177 → 175 °C, 350 °F, 4. */
export function dialOf(celsius: number): DialSetting {
  const exact = fahrenheitOf(celsius);
  const marked = toStep(exact, FAHRENHEIT_STEP);
  const near = GAS_MARKS.map(([mark, at]) => ({ mark, off: Math.abs(exact - at) })).sort(
    (a, b) => a.off - b.off,
  )[0]!;
  return {
    celsius: dialCelsius(celsius),
    fahrenheit: Math.abs(exact - marked) <= FAHRENHEIT_NEAR ? marked : toStep(exact, FINE_FAHRENHEIT_STEP),
    gas: near.off <= GAS_NEAR ? near.mark : null,
  };
}

/** °C that a gas mark stands for; undefined where there is no such mark. Example: 4 → 176.7. */
export function celsiusOfGas(mark: string): number | undefined {
  const found = GAS_MARKS.find(([one, , typed]) => one === mark || typed === mark);
  return found && celsiusOf(found[1]);
}
