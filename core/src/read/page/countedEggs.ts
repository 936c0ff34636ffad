import type { KindOfLine } from './kinds';

const EGGS = /^\W*\d{1,2} (?:\p{L}+ )?(?:eggs?|whites?|yolks?|egg whites?|egg yolks?)\W*$/iu;

/** "4 whites" below a title is the first line of its list, and not how many it makes. */
export const withCountedEggs = (
  lines: readonly string[],
  kinds: readonly KindOfLine[],
): readonly KindOfLine[] =>
  kinds.map((one, at) =>
    one.kind === 'yield' && EGGS.test(lines[at]!) ? { ...one, kind: 'ingredient', or: 'yield' } : one,
  );
