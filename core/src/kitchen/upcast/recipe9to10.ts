import type { Stored } from './chain';
import { notes2to3 } from './notes2to3';

/** Version 10 keeps a study and a trial that are being planned, and says on its sheet what was seen. */
export function recipe9to10(document: Stored): Stored {
  const sheet = document['bakeSheet'] as Stored | null;
  return { ...document, schema: 10, study: null, trial: null, bakeSheet: sheet && notes2to3(sheet) };
}
