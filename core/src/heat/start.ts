import type { Catalogue } from '../catalogue';
import { compositionOf, massOf, type FormulaLine } from '../formula';
import type { BakeStart } from '../kitchen';
import type { StartBase, StartHeat } from '../vocabulary';
import type { Base } from './conduction';
import { STARTS } from './data/starts';
import { makeMaterial } from './material';
import { STANDARD_PRESSURE } from './steam';

const STEPS = 60;
const BISECTIONS = 30;

/** Heat that some lines take up from one temperature to another, J: ∫ m·c dT, with ice that melts. */
function heating(lines: readonly FormulaLine[], catalogue: Catalogue): (from: number, to: number) => number {
  const material = makeMaterial(compositionOf(lines, catalogue), STANDARD_PRESSURE);
  const kilos = massOf(lines) / 1000;
  return (from, to) => {
    const step = (to - from) / STEPS;
    let sum = 0;
    for (let n = 0; n < STEPS; n += 1) sum += material.heat(from + (n + 0.5) * step) * step;
    return kilos * sum;
  };
}

/**
 * The temperature of a batter into which something frozen is stirred, once both are alike: what the batter gives is what the frozen
 * takes, its ice melted or not. Example: 200 g of frozen berries in 900 g of batter at 20 °C → near 0 °C.
 */
export function mixedWithFrozen(
  batter: readonly FormulaLine[],
  frozen: readonly FormulaLine[],
  from: number,
  catalogue: Catalogue,
): number {
  if (frozen.length === 0 || batter.length === 0) return from;
  const [given, taken] = [heating(batter, catalogue), heating(frozen, catalogue)];
  let [low, high] = [STARTS.heats.frozen, from];
  for (let n = 0; n < BISECTIONS; n += 1) {
    const middle = (low + high) / 2;
    if (given(middle, from) > taken(STARTS.heats.frozen, middle)) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** °C of a bake as it comes to the oven. */
export const startCelsius = (from: StartHeat): number => STARTS.heats[from];

/** The metal below, as hot as it then is; null where it stands on the bare rack. `oven`: °C. */
export function baseOf({ on }: Pick<BakeStart, 'on'>, oven: number): Base | null {
  const row = STARTS.bases[on satisfies StartBase];
  return row && { store: row.store, celsius: row.celsius ?? oven };
}
