import type { PageKind } from '../../vocabulary';
import { cleanLine } from '../clean';
import { tellsADeed } from '../tellsADeed';
import type { KindOfLine } from './kinds';
import { isFurniture } from './setAside';

const AMOUNT = /(?:^|[\s,.:(])\d[\d./]*\s?(?:g|kg|ml|dl|cl|l|oz|lbs?|cups?|tbsp|tsp|msk|tsk|krm|EL|TL)\b/gi;
/** So many amounts are a list, whatever stands before them; a yield may give two tins. */
const LISTS: Partial<Record<PageKind, number>> = { title: 2, yield: 3 };

/** "Cake: 175 g butter, 175 g sugar, 3 eggs": a part's name and its list, and no sentence. */
const BEHIND_A_NAME = /^\W*\p{L}[\p{L} -]{1,25} ?:\s*\d(?!.*[.!?]\s+\p{Lu})/u;
const LIST_OF = 3;
/** What such a line is taken for where its words are nobody's here. */
const MISTAKEN: ReadonlySet<PageKind> = new Set<PageKind>([
  'prose',
  'step',
  'note',
  'junk',
  'heading',
  'time',
]);
/** "Whisk: 3 eggs, 100 g sugar, …" says what is done with it. */
const isNamedList = (line: string): boolean => BEHIND_A_NAME.test(line) && !tellsADeed(line.split(':')[0]!);

/**
 * A page's kinds where a name and a list share a line: what is measured in it is weighed and guarded, and its name is read from it
 * all the same. What is made of several measured things is no yield.
 */
export const withListsInTitles = (
  lines: readonly string[],
  read: readonly KindOfLine[],
): readonly KindOfLine[] =>
  read.map((one, at): KindOfLine => {
    const least = LISTS[one.kind];
    // What is in a piece of it ("Per muffin: 318 kcal, 12 g fat") goes into nothing.
    const mistaken = MISTAKEN.has(one.kind) && !isFurniture(lines[at]!);
    if (least === undefined && !mistaken) return one;
    const line = cleanLine(lines[at]!);
    const amounts = (line.match(AMOUNT) ?? []).length;
    if (mistaken && amounts >= LIST_OF && isNamedList(line))
      return { ...one, kind: 'ingredient', or: one.kind };
    if (least === undefined || amounts < least) return one;
    return { ...one, kind: one.kind === 'title' ? 'prose' : 'ingredient', or: one.kind };
  });
