import { cleanLine } from '../clean';
import type { KindOfLine } from './kinds';

/** What a page says of itself beside its name. */
const FACT =
  /^(?:yields?|makes|serves|servings?|portions?|prep(?:aration)?|cook(?:ing)?|bak(?:es?|ing)|keeps?|total|active|time|ready|level|difficulty|course|cuisine)\b/i;
const STROKE = /\s*\|\s*|\s+[·•]\s+/;

/** The cells of a row that says a bake's name and then facts of it; null: it is no such row. */
export function titleRow(line: string): readonly string[] | null {
  const cells = cleanLine(line)
    .split(STROKE)
    .filter((cell) => cell !== '');
  const [name = '', ...facts] = cells;
  return facts.length > 0 &&
    !/\d/.test(name) &&
    /\p{L}{3}/u.test(name) &&
    !FACT.test(name) &&
    facts.every((cell) => FACT.test(cell))
    ? cells
    : null;
}

const HEAD =
  /^(?:ingredients?|items?|amounts?|quantit(?:y|ies)|qty|measures?|weights?|units?|grams?|metric|imperial|volume|notes?|remarks?|comments?|ticks?|done|us|uk|g|%|weight \(g\)|(?:baker['’]?s )?(?:%|per ?cent(?:age)?))$/i;
/** What stands between the cells of a table's row: a stroke, tabs, a wide gap. */
export const COLUMN = /\s*\|\s*|\t+|\s{2,}/;

/** "Ingredient | Amount | Notes": what names the columns of a list. */
export function namesColumns(line: string): boolean {
  const cells = line
    .trim()
    .split(COLUMN)
    .filter((cell) => cell !== '');
  return cells.length > 1 && cells.every((cell) => HEAD.test(cell.trim()));
}

/** A page's kinds in which what names the columns of its list is a heading, and nothing to eat. */
export const withColumnNames = (
  lines: readonly string[],
  read: readonly KindOfLine[],
): readonly KindOfLine[] =>
  read.map((one, at): KindOfLine =>
    one.kind === 'ingredient' && namesColumns(lines[at]!) ? { ...one, kind: 'junk', or: one.kind } : one,
  );

const AN_AMOUNT = /^(?:about |ca\.? )?[\d½¼¾⅓⅔]/i;
/** A page's kinds in which a row of a list, a thing and its amount in cells, is no title, though cake flour has a bake's name. */
export const withListedRows = (
  lines: readonly string[],
  read: readonly KindOfLine[],
): readonly KindOfLine[] =>
  read.map((one, at): KindOfLine => {
    if (one.kind !== 'title' || !/^\s*\|/.test(lines[at]!)) return one;
    const cells = cleanLine(lines[at]!).split(STROKE);
    const listed = cells.some((cell) => AN_AMOUNT.test(cell)) && titleRow(lines[at]!) === null;
    return listed ? { ...one, kind: 'ingredient', or: one.kind } : one;
  });

/** A page's kinds where its first row is a name with facts beside it: that is its title, if it has no other above. */
export function withTitleRow(lines: readonly string[], read: readonly KindOfLine[]): readonly KindOfLine[] {
  const at = read.findIndex(({ kind }) => kind === 'title' || kind === 'ingredient');
  return read.map((one, place): KindOfLine =>
    place === at && one.kind !== 'title' && titleRow(lines[place]!)
      ? { ...one, kind: 'title', or: one.kind }
      : one,
  );
}
