import type { Catalogue } from '../catalogue';
import type { Profile } from '../family';
import { compositionOf, type FormulaLine } from '../formula';
import type { OvenSetting } from '../kitchen';
import { range, type Range, type Steps } from '../quantity';
import { makeMaterial } from './material';
import { bakeSection, type SectionBake, type SectionResult } from './section';
import { pressureAt } from './steam';

/** Out of the bowl, °C. */
export const ROOM_CELSIUS = 20;
/** Doubt of a bake that nothing anchors: depth, oven and composition together, share of the time. */
export const DOUBT_FREE = 0.2;
const FIRST_CHECK = 0.87;
const BELOW_BOILING = 1.5;

/** How some batter stands in what it is baked in, and where. The oven is the true one, not what its dial says. */
export interface Setting extends Pick<SectionBake, 'reach' | 'wall' | 'startCelsius' | 'framed'> {
  /** Of the middle, before it rises. */
  readonly depthCm: number;
  readonly oven: OvenSetting;
  readonly altitudeMetres: number;
}

/** Bakes some batter of a family; done at the family's heat and dryness, never above what boils at that height. */
export function bakeBatter(
  lines: readonly FormulaLine[],
  profile: Profile,
  { depthCm, oven, altitudeMetres, ...setting }: Setting,
  catalogue: Catalogue,
): Steps<SectionResult> {
  const material = makeMaterial(compositionOf(lines, catalogue), pressureAt(altitudeMetres));
  return bakeSection({
    ...setting,
    material,
    depth: depthCm / 100,
    rise: profile.rise,
    porosityRaw: profile.porosityRaw,
    ovenCelsius: oven.celsius,
    fan: oven.fan,
    doneCelsius: Math.min(profile.doneCelsius, material.boiling - BELOW_BOILING),
    doneLost: profile.waterLost,
  });
}

/** A time with its doubt, and when to look first; null where it is never done. */
export const windowOf = (
  minutes: number | null,
  doubt: number,
): { readonly minutes: Range | null; readonly firstCheck: number | null } =>
  minutes === null
    ? { minutes: null, firstCheck: null }
    : {
        minutes: range(minutes, minutes * (1 - doubt), minutes * (1 + doubt)),
        firstCheck: minutes * FIRST_CHECK,
      };
