import type { SpanEdit } from './spans';

/** What shows how hot the fat is: "a cube of bread browns in a minute". */
const BREAD =
  /(?<=\b(?:cube|piece|crust|bit|square|slice|crouton)s? of (?:(?:white|stale|day-old|old|dry) )*)bread\b/gi;

/** What is dropped into the fat to try it falls to crumbs in it: it is bread without gluten. */
export const fatTestEdits = (source: string): SpanEdit[] =>
  /\b(?:oil|fat|fry\w*)\b/i.test(source)
    ? [...source.matchAll(BREAD)].map(({ 0: words, index }) => ({
        from: index,
        to: index + words.length,
        text: `gluten-free ${words}`,
        because: 'its crumbs stay in the fat',
      }))
    : [];
