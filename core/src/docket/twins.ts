import type { Process } from '../process';
import { addRanges } from '../quantity';
import { sourceOf } from '../read';
import type { DocketLine } from './types';

/** "1 cup milk, extra" is for something else than the milk. */
const isExtra = ({ source }: DocketLine): boolean => /,\s*extra\b/i.test(source ?? '');

/**
 * A thing that a rule made of another, beside the same of the recipe's own that goes in with it: "20 g flour, 10 g cornflour" in one
 * custard is 20 g cornflour. It goes by the id of what was replaced, so that steps know it.
 */
export function withTwinsTogether(
  lines: readonly DocketLine[],
  { actions }: Pick<Process, 'actions'>,
  volume: (id: string, grams: number) => Pick<DocketLine, 'volume' | 'cupGrams'>,
): DocketLine[] {
  const takenWithout = (one: DocketLine, other: DocketLine) =>
    actions.some(({ takes }) => {
      const has = ({ id }: DocketLine) => takes.some(({ line }) => line === sourceOf(id).line);
      return has(one) && !has(other);
    });
  // A step that takes the one and another that takes the other keep them apart.
  const goTogether = (one: DocketLine, other: DocketLine) =>
    !(takenWithout(one, other) && takenWithout(other, one));
  const twins = lines.flatMap((one) => {
    const own = lines.find(
      (other) =>
        one.changed &&
        !other.changed &&
        one.source !== null &&
        other.source !== null &&
        other.ingredient === one.ingredient &&
        sourceOf(other.id).line !== sourceOf(one.id).line &&
        one.grams !== null &&
        other.grams !== null &&
        !(isExtra(one) || isExtra(other)) &&
        goTogether(one, other),
    );
    return own ? [{ one, own }] : [];
  });
  const gone = new Set(twins.map(({ own }) => own.id));
  return lines
    .filter(({ id }) => !gone.has(id))
    .map((line) => {
      const own = twins.find(({ one }) => one === line)?.own;
      if (!own) return line;
      const grams = addRanges(line.grams!, own.grams!);
      return { ...line, grams, ...volume(line.ingredient!, grams.central) };
    });
}
