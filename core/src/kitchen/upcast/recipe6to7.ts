import type { Stored } from './chain';

/** Version 7 says of a line what kind it is; that it is a note was said apart before. */
export function recipe6to7(document: Stored): Stored {
  const corrections = (document['corrections'] as readonly Stored[]).map(({ note, ...one }) =>
    note === true ? { ...one, kind: 'note' } : one,
  );
  return { ...document, schema: 7, corrections };
}
