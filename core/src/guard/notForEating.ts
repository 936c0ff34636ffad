import { cleanLine, type Line, type Step } from '../read';
import { EATEN, NOT_FOR_EATING } from './data/notForEating';
import type { NotForEating } from './types';

/** Flowers, leaves, kernels and the like on a line or in a step that are for the eye alone, each once a line. */
export const notForEating = (from: readonly (Pick<Line, 'id' | 'source'> | Step)[]): NotForEating[] =>
  from.flatMap(({ id, source }) => {
    const text = EATEN.reduce((rest, one) => rest.replace(one, ' , '), cleanLine(source));
    const seen = new Set<string>();
    return NOT_FOR_EATING.flatMap(({ words, reason }) =>
      [...text.matchAll(words)].map(([said]) => ({ line: id, words: said.trim(), reason })),
    ).filter(({ words }) => !seen.has(words.toLowerCase()) && seen.add(words.toLowerCase()));
  });
