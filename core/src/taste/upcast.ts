import { upcast, type Stored } from '../kitchen';

const CURRENT = 1;

/** A stored tasting of whatever version: there is one so far. Throws UnreadableDocumentError. */
export const upcastTasting = <Tasting = Stored>(stored: object): Tasting =>
  upcast<Tasting>(stored, {}, CURRENT);
