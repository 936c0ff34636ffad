import { OVEN } from './data/oven';
import { latentHeat, saturatedVapour } from './steam';

/** Lewis relation: ṁ = h_c/(ρ·c_p·Le^⅔)·Δρ_v, for air at oven temperature. */
const LEWIS = 0.946;
const AIR_HEAT_PER_VOLUME = 0.85 * 1015;

/** The oven's air, °C, so many seconds after the door was shut: it begins cooler and comes back. */
export const ovenAt = (celsius: number, seconds: number): number =>
  celsius - OVEN.doorDrop * Math.exp(-seconds / OVEN.recoverySeconds);

/** What comes to an open surface by air and by radiation, W/(m²·K). */
export const openFilm = (fan: boolean): number =>
  OVEN.convective * (fan ? OVEN.fanFactor : 1) + OVEN.radiative;

/**
 * Water that leaves the surface, kg/(m²·s): Lewis relation, held back by the crust. The film is that of still air with a fan
 * too: the skin limits drying, not the air; with the fan's film a fan would slow the bake, against common practice.
 */
export function drying(surface: number, activity: number, dried: number): number {
  const film = OVEN.convective / (AIR_HEAT_PER_VOLUME * LEWIS);
  const drive = activity * saturatedVapour(Math.min(surface, 120)) - OVEN.vapourKgPerM3;
  return Math.max(0, film * drive) * Math.exp(-dried / OVEN.crustKgPerM2);
}

/** The surface stands where conduction from below (W/(m²·K), °C) meets the oven's heat less the drying. */
export const surfaceAt = (
  inner: number,
  below: number,
  above: number,
  oven: number,
  wet: number,
  surface: number,
): number => (inner * below + above * oven - wet * latentHeat(surface)) / (inner + above);
