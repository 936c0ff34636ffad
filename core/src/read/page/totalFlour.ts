import { formulaOf } from '../bakersPercentages';
import type { KindOfLine } from './kinds';

/** "Total flour 400 g" under a formula in baker's percentages weighs what stands above, and is no more flour. */
export function withTotalFlour(
  lines: readonly string[],
  kinds: readonly KindOfLine[],
): readonly KindOfLine[] {
  const formula = formulaOf(lines);
  return formula === null
    ? kinds
    : kinds.map((one, at) => (at === formula.totalAt ? { ...one, kind: 'note', or: one.kind } : one));
}
