import { diffArrays } from 'diff';
import type { SourceLine } from '../kitchen';

/**
 * Gives the lines of an edited text their ids: a line that is still there keeps its own, a changed one takes that of the
 * line in whose place it stands, a new one gets a new id. Sequence alignment by longest common subsequence.
 */
export function carryIds(
  before: readonly SourceLine[],
  now: readonly string[],
  newId: () => string,
): SourceLine[] {
  const result: SourceLine[] = [];
  let old = 0;
  let free: string[] = [];
  for (const change of diffArrays(
    before.map((line) => line.source),
    [...now],
  )) {
    if (change.removed) {
      free.push(...before.slice(old, old + change.value.length).map((line) => line.id));
      old += change.value.length;
    } else if (change.added) {
      for (const source of change.value) result.push({ id: free.shift() ?? newId(), source });
    } else {
      free = [];
      for (const source of change.value) result.push({ id: before[old++]!.id, source });
    }
  }
  return result;
}
