import type { BakeNotes, Timed } from '../kitchen';
import type { Foretold } from './compare';

/** A dial that stood further from the docket's oven baked something else, °C. */
export const SAME_OVEN = 3;
/** Beyond these it was another bake, or a slip of the pen. */
export const BELIEVED_RATIOS = [0.4, 2.5] as const;

/**
 * What a bake that was timed teaches its recipe: true over simulated minutes. Null where nobody timed it, where it was baked as written, where the oven was set to
 * something else, where nothing was simulated, or where the time can't be meant. Example: 36 minutes for a docket of 34 that was
 * stretched by 1.1 → 36 / (34 / 1.1) = 1.16.
 */
export function timedBy(
  bake: string,
  { minutes, ovenCelsius, bakedOn, asWritten }: BakeNotes,
  docket: Foretold,
): Timed | null {
  if (minutes === null || !docket.minutes || asWritten) return null;
  const off =
    ovenCelsius === null || docket.ovenCelsius === null ? 0 : Math.abs(ovenCelsius - docket.ovenCelsius);
  if (off > SAME_OVEN) return null;
  const ratio = minutes / (docket.minutes.central / docket.stretch);
  return ratio < BELIEVED_RATIOS[0] || ratio > BELIEVED_RATIOS[1] ? null : { bake, ratio, on: bakedOn };
}
