import { cleanLine } from './clean';
import { CUES } from './data/cues';
import type { Cue, Step } from './types';

/** The words of a method that later stages listen to: how to mix, when it is done, how long it rests. In their order. */
export const readCues = (steps: readonly Step[]): Cue[] =>
  steps.flatMap(({ id, source }) => {
    const text = cleanLine(source);
    return CUES.flatMap(({ kind, words }) =>
      [...text.matchAll(words)].map((match) => ({ kind, words: match[0].trim(), step: id, at: match.index })),
    )
      .sort((a, b) => a.at - b.at)
      .map(({ kind, words, step }) => ({ kind, words, step }));
  });
