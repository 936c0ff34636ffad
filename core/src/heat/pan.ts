import type { PanSize } from '../kitchen';

/** (First zero of J₀)²: the slowest mode of a cylinder held at its surface. */
const CYLINDER_MODE = 2.4048 ** 2;
const SLAB_MODE = (Math.PI / 2) ** 2;
/** Conductivity of a hot crumb over the film coefficient of an oven, cm: 0.4 W/m·K over 16–20 W/m²·K. */
const FILM_CM = 2.2;

/** The floor of all tins of a bake together, cm². A muffin cup and a round tin are circles. */
export function panArea({ shape, lengthCm, widthCm, count }: PanSize): number {
  const one =
    shape === 'round' || shape === 'muffin' || shape === 'ring'
      ? (Math.PI / 4) * lengthCm * lengthCm
      : lengthCm * widthCm;
  return one * count;
}

/** 1/rate of the slowest mode of a plate of half-depth a behind a film, cm²: a²/(π/2)² + a·k/h. */
const plate = (half: number) => half ** 2 / SLAB_MODE + half * FILM_CM;
/** The same of a long cylinder of radius r: r²/2.405² + r·k/(2h). */
const cylinder = (radius: number) => radius ** 2 / CYLINDER_MODE + (radius * FILM_CM) / 2;

/**
 * The depth of a slab that heats as slowly as a batter risen to this depth in this pan. The rates of the slowest modes of
 * the directions add up (product solutions, Carslaw & Jaeger §1.15); with a film, 1/β² ≈ 1/β∞² + 1/Bi. All in cm. Pieces on
 * a tray are slabs already.
 */
export function equivalentDepth(risenCm: number, pan: PanSize | null): number {
  if (!pan || pan.shape === 'tray') return risenCm;
  const { shape, lengthCm, widthCm } = pan;
  const sides =
    shape === 'round' || shape === 'muffin'
      ? 1 / cylinder(lengthCm / 2)
      : 1 / plate(lengthCm / 2) + 1 / plate(widthCm / 2);
  const whole = 1 / (1 / plate(risenCm / 2) + sides);
  const b = FILM_CM * SLAB_MODE;
  return -b + Math.sqrt(b * b + 4 * SLAB_MODE * whole);
}

/** How much more batter fills other tins as deep: the ratio of their floors. */
export const panFactor = (from: PanSize, to: PanSize): number => panArea(to) / panArea(from);
