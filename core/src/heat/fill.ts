import { standsFree, type PanSize } from '../kitchen';
import { settle } from '../quantity';
import { heightOf, panArea } from './pan';
import type { HeatWarning } from './says';

/** A dome may stand so far above the rim without running over: a cup two thirds full of what doubles. Common practice. */
const DOME = 1.3;

/** What to say of what rises so high in a tin: what may run over its rim, ml; null where it has room under a dome. */
function overflow(risenCm: number, heightCm: number, floorCm2: number, count: number): HeatWarning | null {
  const ml = (risenCm - DOME * heightCm) * floorCm2;
  if (ml <= 0) return null;
  return {
    code: 'runs-over',
    values: { risenCm: settle(risenCm), heightCm, ml: Math.round(ml), each: count > 1 },
  };
}

/** The same of a tin as high as it was measured, or as such tins are; null on a tray too. */
export function overfilled(pan: PanSize | null, depthCm: number, rise: number): HeatWarning | null {
  return pan && !standsFree(pan)
    ? overflow(depthCm * rise, heightOf(pan), panArea(pan) / pan.count, pan.count)
    : null;
}
