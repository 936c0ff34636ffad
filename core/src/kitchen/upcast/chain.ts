/** A stored document that no step here can read: it was written by a newer program, or is none of ours. */
export class UnreadableDocumentError extends Error {
  constructor(
    readonly schema: unknown,
    readonly current: number,
  ) {
    super(
      `This document has schema ${String(schema)}, and this program reads up to ${current}. Update Omniarton.`,
    );
    this.name = 'UnreadableDocumentError';
  }
}

/** A document as it was stored, in whatever shape its version had. */
export type Stored = { readonly schema?: unknown } & Readonly<Record<string, unknown>>;

/** `STEPS[n]` makes version n + 1 out of version n. A step is frozen once it has landed: it holds literals, no defaults of today. */
export type Steps = Readonly<Record<number, (document: Stored) => Stored>>;

/**
 * Brings a stored document up to a version, a step at a time: what that version is, the steps vouch for. Throws
 * UnreadableDocumentError where no step leads there.
 */
export function upcast<Current>(stored: object, steps: Steps, current: number): Current {
  let document = stored as Stored;
  while (document.schema !== current) {
    const step = typeof document.schema === 'number' ? steps[document.schema] : undefined;
    if (!step) throw new UnreadableDocumentError(document.schema, current);
    document = step(document);
  }
  return document as Current;
}
