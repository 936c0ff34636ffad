import type { Stored } from './chain';
import { notes1to2 } from './notes1to2';

/** Version 9 writes more of a bake down on its sheet. */
export function recipe8to9(document: Stored): Stored {
  const sheet = document['bakeSheet'] as Stored | null;
  return { ...document, schema: 9, bakeSheet: sheet && notes1to2(sheet) };
}
