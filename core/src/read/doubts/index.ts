import type { Catalogue } from '../../catalogue';
import { weighLines } from '../mainPart';
import type { Part } from '../types';
import { refersToAnother, slippedFraction, unusualAmounts } from './amounts';
import type { Finding } from './doubt';
import { partTwice } from './partTwice';
import { weightsClash } from './weightsClash';

export { anotherRecipe, otherLanguage, unsureKinds } from './kinds';
export { makeDoubt, type DoubtKind, type Finding } from './doubt';

/** Everything in a list that can hardly be meant, in the order of its lines. */
export function findDoubts(parts: readonly Part[], catalogue: Catalogue): Finding[] {
  const lines = parts.flatMap((part) => part.lines.filter(({ kind }) => kind === 'ingredient'));
  const weighed = weighLines(lines, catalogue);
  return [
    ...partTwice(parts),
    ...lines.flatMap((line) => [...slippedFraction(line), ...refersToAnother(line), ...weightsClash(line)]),
    ...parts.flatMap((part) => unusualAmounts(part, weighed)),
  ];
}
