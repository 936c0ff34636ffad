import { cleanLine } from '../clean';
import type { KindOfLine } from './kinds';

/** "Tin: 900 g loaf tin": what it is baked in is nothing that goes into it. */
const VESSEL = /^\W*(?:tins?|pans?|moulds?|molds?|dish|tray|equipment|tools)\s*:/i;

/** A page's kinds, its label of a vessel no longer taken for food. */
export const withVesselLabels = (
  lines: readonly string[],
  read: readonly KindOfLine[],
): readonly KindOfLine[] =>
  read.map((one, at): KindOfLine =>
    one.kind === 'ingredient' && VESSEL.test(cleanLine(lines[at]!))
      ? { ...one, kind: 'note', or: 'ingredient' }
      : one,
  );
