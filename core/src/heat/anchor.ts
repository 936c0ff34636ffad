import { standsFree } from '../kitchen';
import type { Catalogue } from '../catalogue';
import type { Steps } from '../quantity';
import { bakeIn, type BakePlace } from './bakePlace';
import type { FoundBake, BakeQuestion } from './bakeQuestion';
import { bakeSection } from './section';

/** A stated time further from the simulation than this is doubted itself, and anchors no more than this. */
const ANCHOR_RANGE: readonly [number, number] = [0.5, 2];

/** What a simulated time is stretched by, no further than a stated time is believed. */
export const clampedAnchor = (ratio: number): number =>
  Math.min(ANCHOR_RANGE[1], Math.max(ANCHOR_RANGE[0], ratio));

/** What sets the simulated minutes right: a timed bake of one's own beats the recipe's time, and needs no wheat bake beside it. */
export function* anchorOf(
  question: BakeQuestion,
  theirs: BakePlace,
  catalogue: Catalogue,
): Steps<Pick<FoundBake, 'anchor' | 'anchored' | 'stretch'>> {
  const { facts, timed } = question;
  if (timed !== null) return { anchor: null, anchored: 'bake', stretch: clampedAnchor(timed) };
  const stated = facts?.minutes ? (facts.minutes.low + facts.minutes.high) / 2 : null;
  const wheat =
    stated === null
      ? null
      : yield* bakeSection(bakeIn(question.original, theirs, theirs.oven.celsius, question, catalogue).bake);
  const anchor = stated !== null && wheat?.minutes ? stated / wheat.minutes : null;
  if (anchor === null) return { anchor, anchored: 'nothing', stretch: 1 };
  // Where the recipe names no tin the depth is a guess, and the stated time is the better witness of it.
  const known = theirs.pan !== null && !standsFree(theirs.pan);
  return { anchor, anchored: 'recipe', stretch: known ? clampedAnchor(anchor) : anchor };
}
