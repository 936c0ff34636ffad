import type { Catalogue, Composition } from '../catalogue';
import type { Profile } from '../family';
import { compositionOf, massOf, type FormulaLine } from '../formula';
import { solidProperties } from './material';
import { latentHeat } from './steam';

/** Share of the rated power that a small batter takes up; the rating is of a litre of water. From memory. */
const TAKEN_UP = 0.7;
const MIDDLE_CELSIUS = 60;
/** What household microwaves have, W: from and to. */
export const WATTS = [100, 2000] as const;
/** W of a household's microwave of which nothing is known. Common practice. */
export const USUAL_WATTS = 800;

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

/** The same of a batter of some family. */
export const microwaved = (
  lines: readonly FormulaLine[],
  { doneCelsius, waterLost }: Profile,
  from: number,
  watts: number,
  catalogue: Catalogue,
): number =>
  microwaveSeconds(
    { grams: massOf(lines), composition: compositionOf(lines, catalogue) },
    { from, to: doneCelsius, lost: waterLost },
    watts,
  );

/** J/(g·K) of water. */
const WATER_HEAT = 4.18;

/** A water test that can't be. */
export class WaterTestError extends Error {}

const MOST_CELSIUS = 90;

/**
 * The real power of a microwave, W, from so much cold water (with a wooden stick in it), stirred after some seconds: P = 4.18·m·ΔT/t.
 * Example: 1 litre, 60 s, 12 °C warmer → 836 W. Throws WaterTestError: water that boils, or that did not warm, says nothing.
 */
export function wattsByWater(ml: number, seconds: number, fromCelsius: number, toCelsius: number): number {
  if (!(toCelsius > fromCelsius))
    throw new WaterTestError('The water came out no warmer than it went in: take the temperatures again.');
  if (toCelsius > MOST_CELSIUS)
    throw new WaterTestError(
      'Water that comes near to boiling loses heat as steam: take more of it, or a shorter time.',
    );
  const watts = (WATER_HEAT * ml * (toCelsius - fromCelsius)) / seconds;
  if (watts < WATTS[0] || watts > WATTS[1])
    throw new WaterTestError(
      `That would be ${Math.round(watts)} W, which no household microwave has: look at water, seconds and temperatures again.`,
    );
  return watts;
}

/** How it is cooked in bursts: the first, then short ones with a look between. */
export interface Bursts {
  readonly first: number;
  readonly each: number;
  /** How many of the short ones are likely. */
  readonly about: number;
}

/** The first burst stops so far short of the prediction; it goes on cooking as it stands. */
const FIRST_SHARE = 0.7;
/** A mug is done within ten seconds, what takes minutes within half a one. */
const BURST_SECONDS = 10;
const LONG_BURST_SECONDS = 30;
const LONG_FROM = 180;
const FIRST_STEP = 5;

/** Example: 90 s → 60 s, then about three bursts of 10. */
export function burstsOf(seconds: number): Bursts {
  const first = Math.max(FIRST_STEP, Math.floor((seconds * FIRST_SHARE) / FIRST_STEP) * FIRST_STEP);
  const each = seconds > LONG_FROM ? LONG_BURST_SECONDS : BURST_SECONDS;
  return { first, each, about: Math.max(1, Math.ceil((seconds - first) / each)) };
}
