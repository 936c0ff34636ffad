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
