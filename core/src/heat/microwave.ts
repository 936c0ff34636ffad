import type { Composition } from '../catalogue';
import { solidProperties } from './material';
import { latentHeat } from './steam';

/** Share of the rated power that a small batter takes up; the rating is of a litre of water. From memory. */
const TAKEN_UP = 0.7;
const MIDDLE_CELSIUS = 60;

/**
 * Seconds in a microwave, by an energy balance: what heats the batter and what leaves as steam, over the power that it takes up.
 * Time goes with 1/W. Example: 250 g of batter from 20 to 95 °C at 1000 W, about 2 minutes.
 */
export function microwaveSeconds(
  { grams, composition }: { readonly grams: number; readonly composition: Composition },
  { from, to, lost }: { readonly from: number; readonly to: number; readonly lost: number },
  watts: number,
): number {
  const { heat } = solidProperties(composition, MIDDLE_CELSIUS);
  const joule = (grams / 1000) * (heat * (to - from) + lost * latentHeat(100));
  return joule / (watts * TAKEN_UP);
}
