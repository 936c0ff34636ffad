import type { Catalogue } from '../../catalogue';
import { cleanLine } from '../clean';
import { namesFood } from '../match';
import type { KindOfLine } from './kinds';

/** "Jam and clotted cream, to serve": a thing without an amount, and no sentence. */
const SERVED =
  /^[^.!?:]{3,60},? (?:to|for) (?:serve|serving|brush|brushing|glaze|glazing|finish|dust|dusting|decorate|decoration|sprinkling|the (?:dish|tins?|pan|moulds?|basin|tray))\.?$/i;
/** "Maple syrup": no more than a food's name. */
const FEW_WORDS = /^\p{L}+(?: \p{L}+){0,2}$/u;

/**
 * What ends a list without an amount is food, where it follows foods and was taken for the first step or a heading. `gaps`: whether a blank line
 * stands above each.
 */
export const withServed = (
  lines: readonly string[],
  kinds: readonly KindOfLine[],
  gaps: readonly boolean[],
  catalogue: Catalogue,
): readonly KindOfLine[] =>
  kinds.map((one, at): KindOfLine => {
    if (kinds[at - 1]?.kind !== 'ingredient') return one;
    const line = cleanLine(lines[at]!).trim();
    // A heading stands apart from the list above it.
    const ends = !gaps[at] && gaps[at + 1] === true && (one.kind === 'step' || one.kind === 'heading');
    const bare = ends && FEW_WORDS.test(line) && namesFood(line, catalogue);
    const served = one.kind === 'step' && SERVED.test(line);
    return bare || served ? { ...one, kind: 'ingredient', or: one.kind } : one;
  });
