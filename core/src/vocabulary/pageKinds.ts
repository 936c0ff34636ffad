/** What a line of a page may be. */
export const PAGE_KINDS = [
  'title',
  'yield',
  'time',
  'heading',
  'ingredient',
  'step',
  'prose',
  'note',
  'junk',
] as const;
export type PageKind = (typeof PAGE_KINDS)[number];

/** Less sure than this (0–1), a line is shown with what it was taken for, and no refusal rests on it. */
export const SURE = 0.8;

/** What a line was taken for, as a person is told: "taken for a heading". */
export const PAGE_KIND_NAMES: Readonly<Record<PageKind, string>> = {
  title: 'the title',
  yield: 'a yield',
  time: 'a time',
  heading: 'a heading',
  ingredient: 'an ingredient',
  step: 'a step',
  prose: 'a sentence with its ingredients',
  note: 'a note',
  junk: 'no part of the recipe',
};
