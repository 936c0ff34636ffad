import type { Catalogue } from '../../catalogue';
import { readAmount } from '../amount';
import { cleanLine } from '../clean';
import { namesFood } from '../match';
import { numbersFromWords } from '../numberWords';
import { listInEnglish } from '../otherLanguages';
import type { KindOfLine } from './kinds';

/** Surer than that the whole page says so. */
const UNSURE = 0.9;

/** "Scorza di 1 limone", between two things of a list: what may be food and is said among foods is one. */
export function withFoodsBetween(
  lines: readonly string[],
  kinds: readonly KindOfLine[],
  catalogue: Catalogue,
): readonly KindOfLine[] {
  const knows = (words: string) => namesFood(words, catalogue);
  const isFood = (line: string) => {
    const { words } = readAmount(numbersFromWords(listInEnglish(cleanLine(line), knows)));
    return words !== '' && knows(words);
  };
  return kinds.map((one, at): KindOfLine => {
    const beside = [kinds[at - 1]?.kind, kinds[at + 1]?.kind].every((kind) => kind === 'ingredient');
    return one.kind === 'note' && one.or === 'ingredient' && one.sure < UNSURE && beside && isFood(lines[at]!)
      ? { ...one, kind: 'ingredient', or: 'note' }
      : one;
  });
}
