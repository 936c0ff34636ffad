/** A text as a page of lines. */
export interface PageText {
  /** Those that aren't blank, as written. */
  readonly sources: readonly string[];
  /** Whether a blank one stands above each. */
  readonly gaps: readonly boolean[];
}

export function pageText(text: string): PageText {
  const all = text.split(/\r\n|[\n\r\u2028\u2029]/);
  const filled = all.flatMap((line, at) => (line.trim() === '' ? [] : [at]));
  return {
    sources: filled.map((at) => all[at]!),
    gaps: filled.map((at) => at > 0 && all[at - 1]!.trim() === ''),
  };
}
