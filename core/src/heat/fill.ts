import type { PanSize } from '../kitchen';
import { VESSELS } from './data/vessels';
import { floorOf } from './pan';

/** A dome may stand so far above the rim without running over: a cup two thirds full of what doubles. Common practice. */
const DOME = 1.3;

/** What runs over the rim of one tin, ml: what has risen, less the room that there is under a dome. */
export const overflowMl = (risenCm: number, heightCm: number, floorCm2: number): number =>
  Math.max(0, risenCm - DOME * heightCm) * floorCm2;

export const overflowWords = (risenCm: number, heightCm: number, ml: number, count: number): string =>
  `It rises to ${risenCm.toFixed(1)} cm, and such a tin is ${heightCm} cm high: about ${Math.round(ml)} ml ${count > 1 ? 'of each ' : ''}may run over. Take a higher or wider one, or fill in less.`;

/** How a tin of this shape is filled: a muffin pan's cups by the standard ones. */
const rowOf = ({ shape }: PanSize) => (shape === 'tray' ? undefined : VESSELS.rows[shape]);

/** What to say of batter so deep that rises so much in a tin of usual height; null where it has room, or stands on a tray. */
export function fillWords(pan: PanSize | null, depthCm: number, rise: number): string | null {
  const row = pan && rowOf(pan);
  if (!pan || !row) return null;
  const ml = overflowMl(depthCm * rise, row.heightCm, floorOf(pan));
  return ml > 0 ? overflowWords(depthCm * rise, row.heightCm, ml, pan.count) : null;
}
