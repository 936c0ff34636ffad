import type { Docket } from '@omniarton/core/docket';
import { emptyNotes, type BakeNotes } from '@omniarton/core/kitchen';
import { today } from '../words/say';

/** A sheet to write a bake down on, begun today. */
export const newSheet = (docket: Docket | null): BakeNotes => ({
  ...emptyNotes(today()),
  ovenCelsius: docket?.bake.ovenCelsius ?? null,
});
