import type { Catalogue } from '../catalogue';
import type { Profile } from '../family';
import type { FormulaLine } from '../formula';
import type { Material } from './material';
import { starchSets } from './setting';

/** A crumb that is to be dry is set through; what is done below this is meant to stay soft. °C. */
const SET_FROM = 93;
/** Nothing wet comes nearer to boiling than this, K: a target above it would never be met on a mountain. */
const BELOW_BOILING = 1.5;

/**
 * °C of the middle of a batter that is done: as its family has it, or where its starch has set, if that is hotter; never above what
 * boils at that height.
 */
export function doneAt(
  lines: readonly FormulaLine[],
  { doneCelsius }: Pick<Profile, 'doneCelsius'>,
  { boiling }: Pick<Material, 'boiling'>,
  catalogue: Catalogue,
): number {
  const sets = doneCelsius >= SET_FROM ? (starchSets(lines, catalogue) ?? 0) : 0;
  return Math.min(Math.max(doneCelsius, sets), boiling - BELOW_BOILING);
}

/** A soft crumb wants a dry skin, kg/m², and no more, however deep it is. Common practice: a skin that doesn't stick to a finger. */
const SKIN_DRIED = 0.5;

/** Share of the weight that has to go as water: as the family has it, or as much as makes a skin over so much of it (kg/m²). */
export const lostWhenDone = (
  { waterLost, dryThrough }: Pick<Profile, 'waterLost' | 'dryThrough'>,
  kgPerM2: number,
): number => (dryThrough ? waterLost : Math.min(waterLost, SKIN_DRIED / kgPerM2));
