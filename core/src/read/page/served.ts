import { cleanLine } from '../clean';
import type { KindOfLine } from './kinds';

/** "Jam and clotted cream, to serve": a thing without an amount, and no sentence. */
const SERVED =
  /^[^.!?:]{3,60},? (?:to|for) (?:serve|serving|glaze|glazing|finish|dust|dusting|decorate|decoration|sprinkling|the (?:dish|tins?|pan|moulds?|basin|tray))$/i;

/** What ends a list without an amount is food, where it follows foods and was taken for the first step. */
export const withServed = (lines: readonly string[], kinds: readonly KindOfLine[]): readonly KindOfLine[] =>
  kinds.map((one, at): KindOfLine => {
    const follows = kinds[at - 1]?.kind === 'ingredient';
    return one.kind === 'step' && follows && SERVED.test(cleanLine(lines[at]!).trim())
      ? { ...one, kind: 'ingredient', or: 'step' }
      : one;
  });
