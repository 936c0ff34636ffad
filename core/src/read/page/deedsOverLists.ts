import { isDeedAlone } from '../deedOverList';
import type { KindOfLine } from './kinds';

/** "then add", between a step and a list, is a step, and names no part. */
export const withDeedsOverLists = (
  lines: readonly string[],
  kinds: readonly KindOfLine[],
): readonly KindOfLine[] =>
  kinds.map((one, at) =>
    one.kind === 'heading' &&
    kinds[at + 1]?.kind === 'ingredient' &&
    isDeedAlone(lines[at]!) &&
    kinds.some(({ kind }, n) => n < at && (kind === 'step' || kind === 'prose'))
      ? { ...one, kind: 'step', or: 'heading' }
      : one,
  );
