import type { PageKind } from '../../vocabulary';
import { cleanLine } from '../clean';
import type { KindOfLine } from './kinds';

const AMOUNT = /(?:^|[\s,.:])\d[\d./]*\s?(?:g|kg|ml|l|oz|lbs?|cups?|tbsp|tsp)\b/gi;
/** So many amounts are a list, whatever stands before them; a yield may give two tins. */
const LISTS: Partial<Record<PageKind, number>> = { title: 2, yield: 3 };

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
    if (least === undefined || (cleanLine(lines[at]!).match(AMOUNT) ?? []).length < least) return one;
    return { ...one, kind: one.kind === 'title' ? 'prose' : 'ingredient', or: one.kind };
  });
