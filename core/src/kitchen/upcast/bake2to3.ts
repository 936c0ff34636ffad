import type { Stored } from './chain';
import { notes2to3 } from './notes2to3';

/** Version 3 says what was seen of a bake, and whether it came from another kitchen. */
export const bake2to3 = (document: Stored): Stored => ({
  ...document,
  schema: 3,
  imported: false,
  notes: notes2to3(document['notes'] as Stored),
});
