import type { Catalogue } from '../catalogue';
import type { Steps } from '../quantity';
import { bakeIn, type BakePlace } from './bakePlace';
import type { FoundBake, BakeQuestion } from './bakeQuestion';
import { bakeSection } from './section';

/** A timed bake further from the simulation than this was timed wrong, and counts no more than this. */
const TIMED_RANGE: readonly [number, number] = [0.5, 2];

/** What a simulated time is stretched by, no further than a timed one is believed. */
export const clampedAnchor = (ratio: number): number =>
  Math.min(TIMED_RANGE[1], Math.max(TIMED_RANGE[0], ratio));

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
  // The recipe was baked: where the simulation is far from its time, the tin, the depth or the mixture was misread, not the clock.
  return { anchor, anchored: 'recipe', stretch: anchor };
}
