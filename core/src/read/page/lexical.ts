import type { Seen } from './alone';

/** The words of a line that are looked at: a step's first ones say what it is. */
const MOST_WORDS = 14;

/** A line's own words: the first, the last, the first two, and each. */
export function wordsOf({ clean }: Seen): string[] {
  const words = clean.toLowerCase().match(/\p{L}+(?:'\p{L}+)?/gu) ?? [];
  return [
    `first: ${words[0] ?? ''}`,
    `last: ${words.at(-1) ?? ''}`,
    `begins: ${words.slice(0, 2).join(' ')}`,
    ...new Set(words.slice(0, MOST_WORDS).map((word) => `says ${word}`)),
  ];
}
