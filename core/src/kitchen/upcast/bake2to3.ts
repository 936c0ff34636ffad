import type { Stored } from './chain';
import { notes2to3 } from './notes2to3';

/** Version 3 says what was seen of a bake. */
export const bake2to3 = (document: Stored): Stored => ({
  ...document,
  schema: 3,
  notes: notes2to3(document['notes'] as Stored),
});
