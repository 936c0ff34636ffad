import type { KindOfLine } from './kinds';

/** What is old was made before: "4 old rolls (200 g)", "6 stale buns". */
const OLD_BREAD =
  /^\W*\d{1,2} (?:\p{L}+ )?(?:old|stale|day[- ]old|yesterday's|dry|crusty) (?:\p{L}+ )?(?:rolls?|buns?|croissants?|brioches?|bagels?|slices?)\b/iu;
const EGGS = /^\W*\d{1,2} (?:\p{L}+ )?(?:eggs?|whites?|yolks?|egg whites?|egg yolks?)\W*$/iu;

/** "4 whites" below a title, or "4 old rolls", is the first line of its list, and not how many it makes. */
export const withCountedEggs = (
  lines: readonly string[],
  kinds: readonly KindOfLine[],
): readonly KindOfLine[] =>
  kinds.map((one, at) =>
    one.kind === 'yield' && [EGGS, OLD_BREAD].some((food) => food.test(lines[at]!))
      ? { ...one, kind: 'ingredient', or: 'yield' }
      : one,
  );
