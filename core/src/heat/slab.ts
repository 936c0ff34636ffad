import type { Steps } from '../quantity';
import { OVEN } from './data/oven';
import type { Material } from './material';
import { latentHeat, saturatedVapour } from './steam';

/** A bake in one dimension: a layer of batter on a wall, open to the oven above. */
export interface SlabBake {
  readonly material: Material;
  /** Raw depth, m, and by how much it grows. */
  readonly depth: number;
  readonly rise: number;
  readonly porosityRaw: number;
  readonly startCelsius: number;
  readonly ovenCelsius: number;
  readonly fan: boolean;
  /** Done when the middle is this hot and this share of the weight has gone as water. */
  readonly doneCelsius: number;
  readonly doneLost: number;
}

export interface SlabResult {
  /** Minutes until done; null when it isn't within the longest bake. */
  readonly minutes: number | null;
  /** `[minute, °C]` in the coldest layer, every half minute. */
  readonly centre: readonly (readonly [number, number])[];
  /** Share of the weight lost as water at the end. */
  readonly lost: number;
}

const CELLS = 32;
const STEP_SECONDS = 3;
const LONGEST_SECONDS = 4 * 3600;
const RECORD_SECONDS = 30;
/** Yields about every 8 ms of work on a slow machine. */
const STEPS_BETWEEN_YIELDS = 800;
/** Rise follows the mean temperature between these, °C. */
const RISE_FROM = 35;
const RISE_TO = 88;
/** Lewis relation: ṁ = h_c/(ρ·c_p·Le^⅔)·Δρ_v, for air at oven temperature. */
const LEWIS = 0.946;
const AIR_HEAT_PER_VOLUME = 0.85 * 1015;

/**
 * Water that leaves the surface, kg/(m²·s): Lewis relation, held back by the crust. The film is that of still air with a fan
 * too: the skin limits drying, not the air; with the fan's film a fan would slow the bake, against common practice.
 */
function drying(surface: number, activity: number, dried: number): number {
  const film = OVEN.convective / (AIR_HEAT_PER_VOLUME * LEWIS);
  const drive = activity * saturatedVapour(Math.min(surface, 120)) - OVEN.vapourKgPerM3;
  return Math.max(0, film * drive) * Math.exp(-dried / OVEN.crustKgPerM2);
}

/** Solves a tridiagonal system in place (Thomas); `right` becomes the answer. */
function solveTridiagonal(
  lower: Float64Array,
  middle: Float64Array,
  upper: Float64Array,
  right: Float64Array,
): void {
  const n = right.length;
  for (let i = 1; i < n; i += 1) {
    const factor = lower[i]! / middle[i - 1]!;
    middle[i] = middle[i]! - factor * upper[i - 1]!;
    right[i] = right[i]! - factor * right[i - 1]!;
  }
  right[n - 1] = right[n - 1]! / middle[n - 1]!;
  for (let i = n - 2; i >= 0; i -= 1) right[i] = (right[i]! - upper[i]! * right[i + 1]!) / middle[i]!;
}

/**
 * Bakes a slab until it is done: transient conduction by implicit finite volumes (backward Euler) on a grid that rises with
 * the batter, properties from the step before; convection, radiation and evaporation above, a metal wall below. Bounded
 * at four hours; never NaN for a depth of 1 mm to 30 cm and an oven of 60 to 300 °C.
 */
export function* bakeSlab(bake: SlabBake): Steps<SlabResult> {
  const { material, porosityRaw, ovenCelsius, doneCelsius, doneLost } = bake;
  const mass = (material.density * (1 - porosityRaw) * bake.depth) / CELLS;
  const convective = OVEN.convective * (bake.fan ? OVEN.fanFactor : 1);
  const above = convective + OVEN.radiative;
  const temperature = new Float64Array(CELLS).fill(bake.startCelsius);
  const [lower, middle, upper, right, links] = [0, 0, 0, 0, 0].map(() => new Float64Array(CELLS)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const centre: [number, number][] = [[0, bake.startCelsius]];
  let dried = 0;
  let surface = bake.startCelsius;
  const weight = mass * CELLS;
  const steps = LONGEST_SECONDS / STEP_SECONDS;
  for (let step = 1; step <= steps; step += 1) {
    const seconds = step * STEP_SECONDS;
    const oven = ovenCelsius - OVEN.doorDrop * Math.exp(-seconds / OVEN.recoverySeconds);
    const mean = temperature.reduce((sum, one) => sum + one, 0) / CELLS;
    const grown = 1 + (bake.rise - 1) * Math.min(1, Math.max(0, (mean - RISE_FROM) / (RISE_TO - RISE_FROM)));
    const porosity = 1 - (1 - porosityRaw) / grown;
    const dx = (bake.depth * grown) / CELLS;
    for (let i = 0; i < CELLS; i += 1) links[i] = material.conductivity(temperature[i]!, porosity);
    const wet = drying(surface, material.activity, dried);
    const last = CELLS - 1;
    const bottom = 1 / (1 / OVEN.wall + dx / (2 * links[0]!));
    const top = 1 / (1 / above + dx / (2 * links[last]!));
    for (let i = 0; i < CELLS; i += 1) {
      const store = (mass * material.heat(temperature[i]!)) / STEP_SECONDS;
      const left = i > 0 ? (2 * links[i]! * links[i - 1]!) / ((links[i]! + links[i - 1]!) * dx) : 0;
      const next = i < last ? (2 * links[i]! * links[i + 1]!) / ((links[i]! + links[i + 1]!) * dx) : 0;
      lower[i] = -left;
      upper[i] = -next;
      middle[i] = store + left + next + (i === 0 ? bottom : 0) + (i === last ? top : 0);
      right[i] =
        store * temperature[i]! +
        (i === 0 ? bottom * oven : 0) +
        (i === last ? top * oven - wet * latentHeat(surface) * (top / above) : 0);
    }
    solveTridiagonal(lower, middle, upper, right);
    temperature.set(right);
    // The surface stands where conduction from below meets the oven's heat less the drying.
    const inner = (2 * links[last]!) / dx;
    surface = (inner * temperature[last]! + above * oven - wet * latentHeat(surface)) / (inner + above);
    dried += wet * STEP_SECONDS;
    const coldest = temperature.reduce((low, one) => Math.min(low, one), Infinity);
    if (seconds % RECORD_SECONDS === 0) centre.push([seconds / 60, coldest]);
    if (coldest >= doneCelsius && dried / weight >= doneLost)
      return { minutes: seconds / 60, centre, lost: dried / weight };
    if (step % STEPS_BETWEEN_YIELDS === 0) yield step / steps;
  }
  return { minutes: null, centre, lost: dried / weight };
}
