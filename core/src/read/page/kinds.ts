import type { PageKind } from '../../vocabulary';

/** What a line of a page was taken for, and how sure that is (0–1). */
export interface KindOfLine {
  readonly kind: PageKind;
  readonly sure: number;
  /** What it would be else. */
  readonly or: PageKind;
}
