import type { Finding } from '../balance';
import { familyOf } from '../family';
import { readProcess } from '../process';
import type { FamilyId } from '../vocabulary';
import type { Work } from './plan';

/** An oven so far from a family's usual one, K, is told: ovens of working recipes lie within it, low and slow ones too. */
const FAR = { low: 35, high: 45 } as const;
/** A fan does as much as so many kelvins. Common practice. */
const FAN = 18;
/** So many minutes or more are long enough for a slow oven. */
const SLOW_MINUTES = 45;
const LIKELY = 0.75;

/** An oven that the recipe sets far from where such a bake is baked: cold, unless it stays there long; or hot. */
export function ovenFinding(family: FamilyId, { recipe, kitchen }: Work): Finding | null {
  const { bake, stages } = readProcess(recipe, kitchen);
  const { cooked, usualOven, dryThrough } = familyOf(family);
  const ovens = stages.filter(({ medium }) => medium === 'oven');
  const dial = bake?.ovenCelsius ?? null;
  if (cooked !== 'oven' || dryThrough || ovens.length !== 1 || dial === null) return null;
  const celsius = dial + (bake?.fan ? FAN : 0);
  const slow = (bake?.minutes?.high ?? 0) >= SLOW_MINUTES;
  const off = celsius - usualOven;
  if (!(off > FAR.high || (off < -FAR.low && !slow))) return null;
  return {
    id: off < 0 ? 'too-cold' : 'too-hot',
    because: { code: 'oven-off', values: { celsius, usual: usualOven, family } },
    likelihood: LIKELY,
  };
}
