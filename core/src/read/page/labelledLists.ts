import { cleanLine } from '../clean';
import type { KindOfLine } from './kinds';

/** "Dry - 225 g flour, pinch salt", "Rub in - 110 g butter": what goes in when, and no sentence. */
const LABEL = /^\p{L}[\p{L} ]{1,15}\s[-–—]\s+(?=\S)/u;
const SENTENCE = /[.!?](?:\s|$)/;
const THING =
  /^(?:about |approx\.? )?(?:[\d½¼¾⅓⅔]|an? |half |pinch\b|(?:the )?(?:finely )?(?:grated )?(?:zest|juice|rind)\b)/i;

const isLabelledList = (line: string): boolean => {
  const label = LABEL.exec(line)?.[0];
  return (
    label !== undefined &&
    !SENTENCE.test(line) &&
    line
      .slice(label.length)
      .split(/,\s+/)
      .every((piece) => THING.test(piece))
  );
};

/** Of lines that begin so one may be a stage of the method; several are the list. */
const SEVERAL = 2;

/** A list whose lines say when they go in is still a list. */
export function withLabelledLists(
  lines: readonly string[],
  kinds: readonly KindOfLine[],
): readonly KindOfLine[] {
  const listed = lines.map((line) => isLabelledList(cleanLine(line)));
  if (listed.filter(Boolean).length < SEVERAL) return kinds;
  return kinds.map((one, at): KindOfLine =>
    listed[at] && (one.kind === 'prose' || one.kind === 'step')
      ? { ...one, kind: 'ingredient', or: one.kind }
      : one,
  );
}
