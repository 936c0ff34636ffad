import { cleanLine } from '../clean';
import type { KindOfLine } from './kinds';

const AMOUNT = /(?:^|[\s,.:])\d[\d./]*\s?(?:g|kg|ml|l|oz|lbs?|cups?|tbsp|tsp)\b/gi;
/** So many amounts are a list, whatever stands before them. */
const A_LIST = 2;

/** A page's kinds where a name and a list share a line: what is measured in it is weighed and guarded, and its name is read from it all the same. */
export const withListsInTitles = (
  lines: readonly string[],
  read: readonly KindOfLine[],
): readonly KindOfLine[] =>
  read.map((one, at): KindOfLine =>
    one.kind === 'title' && (cleanLine(lines[at]!).match(AMOUNT) ?? []).length >= A_LIST
      ? { ...one, kind: 'prose', or: 'title' }
      : one,
  );
