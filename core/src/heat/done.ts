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
