import type { Catalogue } from '../../catalogue';
import type { PageKind } from '../../vocabulary';
import { withBakeLines } from './bakeLines';
import { withFoodsBetween } from './betweenFoods';
import { withBroughtToRoll } from './broughtToRoll';
import { decideKinds } from './chain';
import { withCountedEggs } from './countedEggs';
import { WEIGHTS } from './data/weights';
import { featuresOf } from './features';
import type { KindOfLine } from './kinds';
import { withLabelledLists } from './labelledLists';
import { withFoodsInSentences } from './listless';
import { namesOnly } from './names';
import { withOneTitle } from './oneTitle';
import { withOtherForms } from './otherForms';
import { withPartWords } from './partWords';
import { withoutFurniture } from './setAside';
import { withServed } from './served';
import { withSoleName } from './sole';
import { withListsInTitles } from './titleLists';
import { withColumnNames, withListedRows, withTitleRow } from './titleRows';
import { withDeedsOverLists } from './deedsOverLists';
import { withTotalFlour } from './totalFlour';
import { withVesselLabels } from './vesselLabels';
import { withWrapped } from './wrapped';

export { NAMES_A_BAKE, VERB_FIRST } from './alone';
export type { KindOfLine } from './kinds';
export { pageText } from './pageText';
export { COLUMN, namesColumns, titleRow } from './titleRows';
export { secondRecipe } from './second';
export { isSignpost } from './signposts';
export { whyKind, type Spoke } from './why';

/** What only one look at the whole page tells, each by what those before it have found. */
const PASSES: readonly ((lines: readonly string[], read: readonly KindOfLine[]) => readonly KindOfLine[])[] =
  [
    withVesselLabels,
    withColumnNames,
    withListedRows,
    withTitleRow,
    withListsInTitles,
    withLabelledLists,
    withCountedEggs,
    withTotalFlour,
    withDeedsOverLists,
    withBakeLines,
    withOtherForms,
    withPartWords,
    withSoleName,
  ];

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
  const told = () =>
    withServed(
      lines,
      PASSES.reduce(
        (kinds, pass) => pass(lines, kinds),
        withFoodsBetween(lines, withWrapped(lines, gaps, decided(lines, gaps, catalogue, held)), catalogue),
      ),
      gaps,
      catalogue,
    );
  const read =
    namesOnly(lines) ?? withFoodsInSentences(lines, withBroughtToRoll(lines, told(), catalogue), catalogue);
  return withOneTitle(lines, read).map((one, at): KindOfLine => {
    const said = held.get(at);
    return said === undefined ? one : { kind: said, sure: 1, or: said };
  });
}

/** Decided together without the page's furniture: what it says of itself moves nothing else. */
function decided(
  lines: readonly string[],
  gaps: readonly boolean[],
  catalogue: Catalogue,
  held: ReadonlyMap<number, PageKind>,
): readonly KindOfLine[] {
  const left = withoutFurniture(lines, gaps, new Set(held.keys()));
  const features = featuresOf(
    left.places.map((at) => lines[at]!),
    left.gaps,
    catalogue,
  );
  const said = new Map(left.places.flatMap((at, n) => (held.has(at) ? [[n, held.get(at)!] as const] : [])));
  const kinds = decideKinds(features, WEIGHTS, said);
  const found = new Map(left.places.map((at, n) => [at, kinds[n]!]));
  return lines.map((_, at) => found.get(at) ?? { kind: 'junk', sure: 1, or: 'note' });
}
