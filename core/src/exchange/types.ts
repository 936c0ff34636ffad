/** One recipe that a file holds, as the text that the reader takes. */
export interface Found {
  readonly title: string;
  readonly text: string;
  /** Fields of its linked data that aren't ours, as JSON; null where there are none. */
  readonly foreign: string | null;
}

export type FileKind = 'text' | 'Markdown' | 'web page' | 'linked data' | 'table';

/** What was found in a file, and what a person should know of how. */
export interface Intake {
  readonly kind: FileKind;
  readonly recipes: readonly Found[];
  /** In words; empty when all is as it should be. */
  readonly notes: readonly string[];
}
