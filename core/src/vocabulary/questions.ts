/** What the guard asks about. */
export type QuestionKind =
  | 'unknown'
  | 'near'
  | 'label'
  | 'blend'
  | 'certified'
  | 'house'
  | 'possible'
  | 'method'
  | 'named'
  | 'misread';

/** What no answer settles: only other words on the page do. */
export const NEVER_ANSWERED: ReadonlySet<QuestionKind> = new Set(['named', 'misread']);
