import type { Line } from '../types';
import { makeDoubt, type Finding } from './doubt';

/** Two weights for one thing may differ by so much: cups are rounded, and tables differ. */
const SAME_WEIGHT = 0.3;
/** What stands beside is then another thing: a part kept back, what it was before it was shelled, the box it came in. */
const ANOTHER_MEASURE =
  /\b(?:keep|kept|back|reserved?|of this|of which|for the|the rest|shell|raw|unpeeled|peeled|carton|pack|box|tub|in all|drained|stoned|each)\b/i;

/** A weight in brackets that the volume before it can't have. The weight is taken, and the difference shown. */
export function weightsClash(line: Line): Finding[] {
  return line.items.flatMap(({ grams, beside, name }) => {
    if (!grams || !beside || line.measuredBy === 'hand' || ANOTHER_MEASURE.test(line.source)) return [];
    const low = beside.low * (1 - SAME_WEIGHT);
    const high = beside.high * (1 + SAME_WEIGHT);
    if (grams.central >= low && grams.central <= high) return [];
    return [
      makeDoubt('weights-clash', line, {
        asks: `It says ${Math.round(grams.central)} g, but that much ${name} by the other measure weighs about ${Math.round(beside.central)} g. The ${Math.round(grams.central)} g are taken.`,
        guess: `${Math.round(beside.central)} g`,
        grams: beside.central,
      }),
    ];
  });
}
