import { justRightOf, type TastingDocument } from '../../taste';
import type { LoggedBake, TastedTopic } from './types';

/** Words by which somebody names what is judged. */
const ABOUT: readonly (readonly [TastedTopic, RegExp])[] = [
  ['sweetness', /\b(?:sweet|sugar)/i],
  ['moistness', /\b(?:moist|dry|wet|juic)/i],
];

/** What blind tasters said of each bake, by its id: of just-about-right tastings of its sweetness or moistness that are closed. */
export function tastedBakes(
  tastings: readonly TastingDocument[],
): ReadonlyMap<string, LoggedBake['justRight']> {
  const found = new Map<string, LoggedBake['justRight']>();
  for (const tasting of tastings) {
    const topic = ABOUT.find(([, words]) => words.test(tasting.about))?.[0];
    if (!topic) continue;
    for (const { bake, marks } of justRightOf(tasting)) {
      const known = found.get(bake);
      found.set(bake, { ...known, [topic]: [...(known?.[topic] ?? []), ...marks] });
    }
  }
  return found;
}
