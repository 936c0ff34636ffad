import { cleanLine } from '../clean';
import type { KindOfLine } from './kinds';

/** What a page says of itself beside its name. */
const FACT =
  /^(?:yields?|makes|serves|servings?|portions?|prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|total|active|time|ready|level|difficulty|course|cuisine)\b/i;
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

/** A page's kinds where its first row is a name with facts beside it: that is its title, if it has no other above. */
export function withTitleRow(lines: readonly string[], read: readonly KindOfLine[]): readonly KindOfLine[] {
  const at = read.findIndex(({ kind }) => kind === 'title' || kind === 'ingredient');
  return read.map((one, place): KindOfLine =>
    place === at && one.kind !== 'title' && titleRow(lines[place]!)
      ? { ...one, kind: 'title', or: one.kind }
      : one,
  );
}
