import type { Kitchen, Oven } from '../kitchen';
import { dialCelsius } from '../quantity';

/** How an oven runs: how much hotter (+) than its dial, and the doubt of that, K (one standard deviation). */
export interface OvenTemper {
  readonly offset: number;
  readonly doubt: number;
}

/** A reading that no oven gives. */
export class OvenReadingError extends Error {}

/** What ovens of which nothing is known run off by, K, at the dial's middle; and by how much more 50 °C from there. From memory. */
const USUAL_OFFSET = 10;
const USUAL_TILT = 5;
const MIDDLE_CELSIUS = 175;
const TILT_OVER = 50;
/** A thermostat swings; a thermometer is read in the middle of it. K. */
const READING_DOUBT = 5;
/** A fan's reading tells less of still air, and the other way round. K. */
const OTHER_AIR = 5;

const READING_CELSIUS = [30, 320] as const;
const MOST_OFF = 80;

/** Throws OvenReadingError with what is wrong with a reading that can't be. */
export function checkReading(dialSays: number, thermometerSays: number): void {
  const [least, most] = READING_CELSIUS;
  if (!(thermometerSays >= least && thermometerSays <= most))
    throw new OvenReadingError(`A thermometer in an oven says from ${least} to ${most} °C: read it again.`);
  if (Math.abs(thermometerSays - dialSays) > MOST_OFF)
    throw new OvenReadingError(
      `${Math.round(thermometerSays)} °C is more than ${MOST_OFF} °C from the dial: wait until the oven has settled, or look whether the thermometer is in °F.`,
    );
}

/**
 * What readings say of an oven at a dial setting: a straight line of the offset over the dial, drawn towards none where readings are
 * few (Bayesian least squares with a normal prior: Gelman et al., Bayesian Data Analysis, §14.8, in two unknowns). Example: three
 * readings of +8 at 175 → about 7.4, in a doubt of 2.9 K.
 */
export function temperOf(oven: Pick<Oven, 'readings'> | undefined, dial: number, fan: boolean): OvenTemper {
  // Precision matrix of level and tilt, and what the readings say, weighed.
  let [a, b, d] = [1 / USUAL_OFFSET ** 2, 0, 1 / USUAL_TILT ** 2];
  let [level, tilt] = [0, 0];
  for (const { dialCelsius: set, trueCelsius, fan: blown } of oven?.readings ?? []) {
    const weight = 1 / (READING_DOUBT ** 2 + (blown === fan ? 0 : OTHER_AIR ** 2));
    const x = (set - MIDDLE_CELSIUS) / TILT_OVER;
    a += weight;
    b += weight * x;
    d += weight * x * x;
    level += weight * (trueCelsius - set);
    tilt += weight * x * (trueCelsius - set);
  }
  const det = a * d - b * b;
  const at = (dial - MIDDLE_CELSIUS) / TILT_OVER;
  return {
    offset: (d * level - b * tilt + (a * tilt - b * level) * at) / det,
    doubt: Math.sqrt((d - 2 * b * at + a * at * at) / det),
  };
}

/** The oven of a bake: the one asked for, else the one in use, else the first; undefined where the household has none. */
export const ovenOf = ({ ovens }: Pick<Kitchen, 'ovens'>, id: string | null): Oven | undefined =>
  ovens.find((one) => one.id === id) ?? ovens.find(({ inUse }) => inUse) ?? ovens[0];

/** An oven this near to its dial is set as recipes say. K. */
const NEAR_ENOUGH = 3;

/** What the dial is set to so that the oven is as hot as wanted, as far as a dial can. */
export function dialFor(oven: Oven | undefined, celsius: number, fan: boolean): number {
  const { offset } = temperOf(oven, celsius, fan);
  return dialCelsius(Math.abs(offset) < NEAR_ENOUGH ? celsius : celsius - offset);
}
