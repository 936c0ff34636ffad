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
