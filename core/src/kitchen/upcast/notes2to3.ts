import type { Stored } from './chain';

/** A bake's notes say what wasn't as it should be, how it was cut, and what was expected of it. */
export const notes2to3 = (notes: Stored): Stored => ({ ...notes, seen: [], cut: null, expected: '' });
