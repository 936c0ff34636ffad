import type { Catalogue } from '../../catalogue';
import { SURE } from '../../vocabulary';
import { cleanLine } from '../clean';
import { namesFood } from '../match';
import { writtenOut } from '../phrasing';
import { VERB_FIRST } from './alone';
import type { KindOfLine } from './kinds';

const TO_ROLL_IN =
  /^([^.;:]+?),? (?:to|for) (?:roll|dip|coat|dredge|dust|sprinkle|brush|roll\w*|dip\w*|coat\w*|dust\w*|sprinkl\w*|brush\w*)(?: (?:in|with|on|over|on top))?\W*$/i;

/** "Egg wash + coarse sugar": what it is brushed with, and nothing of how. */
const EGG_WASH = /^egg ?wash\b(?:\s*(?:[+,&]|and)\s*(.+))?$/i;
const isWash = (line: string, catalogue: Catalogue): boolean => {
  const wash = EGG_WASH.exec(line);
  return wash !== null && (wash[1] === undefined || namesFood(wash[1], catalogue));
};

/** "Gran. sugar to roll in", right below a list, is its last line and no deed; so is what it is brushed with. */
export const withBroughtToRoll = (
  lines: readonly string[],
  kinds: readonly KindOfLine[],
  catalogue: Catalogue,
): readonly KindOfLine[] =>
  kinds.map((one, at): KindOfLine => {
    if (one.kind !== 'step' || kinds[at - 1]?.kind !== 'ingredient') return one;
    const line = writtenOut(cleanLine(lines[at]!));
    const food = one.sure < SURE && !VERB_FIRST.test(line) ? TO_ROLL_IN.exec(line)?.[1] : undefined;
    return isWash(line, catalogue) || (food !== undefined && namesFood(food, catalogue))
      ? { ...one, kind: 'ingredient', or: 'step' }
      : one;
  });
