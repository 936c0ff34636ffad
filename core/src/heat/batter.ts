import type { Catalogue } from '../catalogue';
import type { Profile } from '../family';
import { compositionOf, type FormulaLine } from '../formula';
import type { OvenSetting } from '../kitchen';
import { range, type Range, type Steps } from '../quantity';
import { doneAt, lostWhenDone } from './done';
import type { Layer } from './layer';
import { makeMaterial, type BatterMaterial } from './material';
import { bakeSection, type SectionBake, type SectionResult } from './section';
import { pressureAt } from './steam';

const FIRST_CHECK = 0.87;

/** How some batter lies in what it is baked in, and where. The oven is the true one, not what its dial says. */
export interface BatterSetting extends Pick<SectionBake, 'startCelsius' | 'shared' | 'base' | 'framed'> {
  readonly layer: Pick<Layer, 'depthCm' | 'crown' | 'reach' | 'wall' | 'side'>;
  readonly oven: OvenSetting;
  readonly altitudeMetres: number;
}

/** A bake of which it is known what it is when it cools. */
export interface BatterBake extends SectionBake {
  readonly material: BatterMaterial;
}

/** What is baked, as the solver has it. */
export function sectionOf(
  lines: readonly FormulaLine[],
  profile: Profile,
  { layer, oven, altitudeMetres, ...setting }: BatterSetting,
  catalogue: Catalogue,
): BatterBake {
  const material = makeMaterial(compositionOf(lines, catalogue), pressureAt(altitudeMetres));
  const { reach, wall, side } = layer;
  const depth = (layer.depthCm * layer.crown) / 100;
  return {
    ...setting,
    reach,
    wall,
    side,
    material,
    depth,
    rise: profile.rise,
    porosityRaw: profile.porosityRaw,
    ovenCelsius: oven.celsius,
    fan: oven.fan,
    doneCelsius: doneAt(lines, profile, material, catalogue),
    doneLost: lostWhenDone(profile, material.density * (1 - profile.porosityRaw) * depth),
  };
}

/** Bakes some batter of a family until it is as hot and as dry as that family wants. */
export const bakeBatter = (
  lines: readonly FormulaLine[],
  profile: Profile,
  setting: BatterSetting,
  catalogue: Catalogue,
): Steps<SectionResult> => bakeSection(sectionOf(lines, profile, setting, catalogue));

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
