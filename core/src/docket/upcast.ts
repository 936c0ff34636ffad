import type { RecipeDocument } from '../kitchen';

/** A stored document that no step here can read: it was written by a newer program. */
export class UnreadableDocumentError extends Error {
  constructor(readonly schema: unknown) {
    super(
      `This document has schema ${String(schema)}, and this program reads up to ${CURRENT}. Update Omniarton.`,
    );
    this.name = 'UnreadableDocumentError';
  }
}

const CURRENT = 2;
type Stored = { readonly schema?: unknown } & Readonly<Record<string, unknown>>;

/**
 * Version 2 knows people, strictness by person, labels and scale. Answers of version 1 don't say what they were given to,
 * so they can't hold: what they settled is asked again.
 */
function toVersion2(document: Stored): Stored {
  const { coeliac, ...request } = document['request'] as Stored & { readonly coeliac?: boolean };
  return {
    ...document,
    schema: 2,
    asWritten: [],
    foreign: null,
    request: {
      ...request,
      mild: [],
      gluten: coeliac === false ? 'label' : 'certified',
      pseudocereals: false,
      grainDerived: false,
      people: [],
      answers: [],
      labels: [],
      scale: null,
    },
  };
}

/** One step a version: `STEPS[n]` makes version n + 1 out of version n. */
const STEPS: Readonly<Record<number, (document: Stored) => Stored>> = { 1: toVersion2 };

/** Brings a stored recipe up to this program's schema, a version at a time. Throws UnreadableDocumentError for a newer one. */
export function upcastRecipe(stored: object): RecipeDocument {
  let document = stored as Stored;
  while (document.schema !== CURRENT) {
    const step = typeof document.schema === 'number' ? STEPS[document.schema] : undefined;
    if (!step) throw new UnreadableDocumentError(document.schema);
    document = step(document);
  }
  return document as unknown as RecipeDocument;
}
