import type { Catalogue } from '../../catalogue';
import type { PageKind } from '../../vocabulary';
import { decideKinds } from './chain';
import { WEIGHTS } from './data/weights';
import { featuresOf } from './features';
import type { KindOfLine } from './kinds';
import { withFoodsInSentences } from './listless';
import { namesOnly } from './names';
import { withSoleName } from './sole';

export type { KindOfLine } from './kinds';
export { pageText } from './pageText';
export { secondRecipe } from './second';
export { isSignpost } from './signposts';
export { whyKind, type Spoke } from './why';

/**
 * What each line of a page is, decided together: no line by itself, unless there are only names. `lines`: those that aren't
 * blank; `gaps`: whether a blank one stands above each; `held`: what a person has said of some, by their place.
 */
export function kindsOf(
  lines: readonly string[],
  gaps: readonly boolean[],
  catalogue: Catalogue,
  held: ReadonlyMap<number, PageKind> = new Map(),
): readonly KindOfLine[] {
  const named = namesOnly(lines);
  const read =
    named ??
    withFoodsInSentences(
      lines,
      withSoleName(lines, decideKinds(featuresOf(lines, gaps, catalogue), WEIGHTS, held)),
      catalogue,
    );
  return read.map((one, at): KindOfLine => {
    const said = held.get(at);
    return said === undefined ? one : { kind: said, sure: 1, or: said };
  });
}
