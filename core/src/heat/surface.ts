import { OVEN } from './data/surroundings';
import { latentHeat, saturatedVapour } from './steam';

const { exp, max, min } = Math;

/** Lewis relation: ṁ = h_c/(ρ·c_p·Le^⅔)·Δρ_v, for air at oven temperature. */
const LEWIS = 0.946;
const AIR_HEAT_PER_VOLUME = 0.85 * 1015;

/** The oven's air, °C, so many seconds after the door was shut: it begins cooler and comes back. */
export const ovenAt = (celsius: number, seconds: number, shared = false): number =>
  celsius -
  OVEN.doorDrop *
    (shared ? OVEN.sharedDrop : 1) *
    exp(-seconds / (OVEN.recoverySeconds * (shared ? OVEN.sharedRecovery : 1)));

/** What a fan adds to every surface, W/(m²·K). */
export const fanFilm = (fan: boolean): number => (fan ? OVEN.convective * (OVEN.fanFactor - 1) : 0);

/** What comes to an open surface by air and by radiation, W/(m²·K). */
export const openFilm = (fan: boolean): number => OVEN.convective + OVEN.radiative + fanFilm(fan);

/** What drives water from a surface: its own activity, and the vapour in the air, kg/m³. */
export interface Wet {
  readonly activity: number;
  readonly vapour: number;
}

/**
 * Water that leaves the surface, kg/(m²·s): Lewis relation, held back by the crust. The film is that of still air with a fan
 * too: the skin limits drying, not the air; with the fan's film a fan would slow the bake, against common practice.
 */
export function drying(surface: number, { activity, vapour }: Wet, dried: number): number {
  const film = OVEN.convective / (AIR_HEAT_PER_VOLUME * LEWIS);
  const drive = activity * saturatedVapour(min(surface, 120)) - vapour;
  return max(0, film * drive) * exp(-dried / OVEN.crustKgPerM2);
}

/** What drying takes from a surface, W/m². */
const cooling = (surface: number, wet: Wet, dried: number): number =>
  drying(surface, wet, dried) * latentHeat(surface);

/** Half of the span over which the slope of drying is taken, K. */
const SPAN = 0.5;

/** An open surface as one conductance to one temperature: the oven's heat, and drying as it changes with the surface's heat. */
export interface OpenFilm {
  /** W/(m²·K). */
  readonly conductance: number;
  readonly celsius: number;
  /** W/m² that drying takes at a surface temperature. */
  readonly taken: (surface: number) => number;
}

/** The open surface about the temperature that is expected of it (Newton's tangent): exact there, straight beside it. */
export function wetFilm(above: number, air: number, expected: number, wet: Wet, dried: number): OpenFilm {
  const taken = cooling(expected, wet, dried);
  const slope = max(
    0,
    (cooling(expected + SPAN, wet, dried) - cooling(expected - SPAN, wet, dried)) / (2 * SPAN),
  );
  const conductance = above + slope;
  return {
    conductance,
    celsius: (above * air - taken + slope * expected) / conductance,
    taken: (surface) => taken + slope * (surface - expected),
  };
}
