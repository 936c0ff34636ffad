import { isDeedAlone } from '../deedOverList';
import type { KindOfLine } from './kinds';

/** "then add", between a step and a list, is a step, and names no part. */
export const withDeedsOverLists = (
  lines: readonly string[],
  kinds: readonly KindOfLine[],
): readonly KindOfLine[] =>
  kinds.map((one, at) => {
    const done = kinds.slice(0, at).some(({ kind }) => kind === 'step' || kind === 'prose');
    const above = kinds[at + 1]?.kind === 'ingredient';
    return one.kind === 'heading' && done && above && isDeedAlone(lines[at]!)
      ? { ...one, kind: 'step', or: 'heading' }
      : one;
  });
