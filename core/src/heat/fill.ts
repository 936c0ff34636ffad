import { standsFree, type PanSize } from '../kitchen';
import { heightOf, panArea } from './pan';

/** A dome may stand so far above the rim without running over: a cup two thirds full of what doubles. Common practice. */
const DOME = 1.3;

/** What to say of what rises so high in a tin: what may run over its rim, ml; null where it has room under a dome. */
function overflowWords(risenCm: number, heightCm: number, floorCm2: number, count: number): string | null {
  const ml = (risenCm - DOME * heightCm) * floorCm2;
  if (ml <= 0) return null;
  return `It rises to ${risenCm.toFixed(1)} cm, and such a tin is ${heightCm} cm high: about ${Math.round(ml)} ml ${count > 1 ? 'of each ' : ''}may run over. Take a higher or wider one, or fill in less.`;
}

/** The same of a tin as high as it was measured, or as such tins are; null on a tray too. */
export function fillWords(pan: PanSize | null, depthCm: number, rise: number): string | null {
  return pan && !standsFree(pan)
    ? overflowWords(depthCm * rise, heightOf(pan), panArea(pan) / pan.count, pan.count)
    : null;
}
