import type { Stored } from './chain';
import { notes1to2 } from './notes1to2';

/** Version 2 writes more of a bake down. */
export const bake1to2 = (document: Stored): Stored => ({
  ...document,
  schema: 2,
  notes: notes1to2(document['notes'] as Stored),
});
