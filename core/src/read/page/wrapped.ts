import { cleanLine } from '../clean';
import type { KindOfLine } from './kinds';

/** A line that ends in the middle of what it says: "sultanas and currants mixed,". */
const UNFINISHED = /(?:[,(&+]|\b(?:and|or|of|with|to|for|the|an?|plus))$/i;
/** A line that begins nothing: no capital, no number. */
const GOES_ON = /^[\p{Ll}(]/u;
/** "Rest in," is a note to oneself; and a heading "And" is whole. */
const LEAST_WORDS = 3;
const goesOn = (above: string, line: string) =>
  GOES_ON.test(line) && UNFINISHED.test(above) && above.split(' ').length >= LEAST_WORDS;

/** "… about 1 hr. Remove" / "from pan, cool.": the end of a step is no note. */
const BROKEN_OFF = /[.!?] \p{Lu}\p{Ll}+$/u;
const endsAStep = (above: KindOfLine, one: KindOfLine, ended: string, line: string): boolean =>
  above.kind === 'step' &&
  one.kind === 'note' &&
  one.or === 'step' &&
  GOES_ON.test(line) &&
  BROKEN_OFF.test(ended.trim());

/** What is wrapped is one line: the second half is of the first one's kind, whatever it looks like alone. */
export function withWrapped(
  lines: readonly string[],
  gaps: readonly boolean[],
  kinds: readonly KindOfLine[],
): readonly KindOfLine[] {
  const done: KindOfLine[] = [];
  kinds.forEach((one, at) => {
    const above = done[at - 1];
    const wraps =
      above !== undefined &&
      above.kind !== one.kind &&
      !gaps[at] &&
      (goesOn(cleanLine(lines[at - 1]!).trim(), cleanLine(lines[at]!).trim()) ||
        endsAStep(above, one, lines[at - 1]!, cleanLine(lines[at]!).trim()));
    done.push(wraps ? { ...one, kind: above.kind, or: one.kind } : one);
  });
  return done;
}
