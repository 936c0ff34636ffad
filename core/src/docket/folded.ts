import { getIngredient, type Catalogue } from '../catalogue';
import { massOf, type FormulaLine } from '../formula';
import { standsFree, type FoldedIn, type PanSize } from '../kitchen';
import { range, roundGrams, settle } from '../quantity';
import type { DocketBake, DocketLine, DocketTin } from './types';

/** Marks the docket's line of what is folded into some of the tins only. */
const FOLDED = 'folded-';

/** True for that line: its weight is set where it is folded in. */
export const isFolded = ({ id }: DocketLine): boolean => id.startsWith(FOLDED);

/**
 * Into how many of the tins something is folded; never more than there are. Null where it is baked in no tins, or where the
 * household no longer knows what it is.
 */
export function foldedTins(
  folded: FoldedIn | null,
  pan: PanSize | null,
  catalogue: Catalogue,
): number | null {
  if (!folded || !pan || standsFree(pan) || !catalogue.byId.has(folded.ingredient)) return null;
  return Math.min(folded.tins, pan.count);
}

/** What stands in the tins that it is folded into: their share of the batter, and what is folded in. */
export function linesWithFolded(
  lines: readonly FormulaLine[],
  { ingredient, grams }: FoldedIn,
  tins: number,
  of: number,
  catalogue: Catalogue,
): FormulaLine[] {
  const { name, role } = getIngredient(catalogue, ingredient);
  const all = grams * tins;
  const share = tins / of;
  return [
    ...lines.map((line) => ({
      ...line,
      grams: line.grams * share,
      low: line.low * share,
      high: line.high * share,
    })),
    { line: `${FOLDED}${ingredient}`, ingredient, name, role, grams: all, low: all, high: all },
  ];
}

/** The line of it on the docket: it is bought, guarded and printed like any other. */
export function foldedLine(
  { ingredient, grams }: FoldedIn,
  tins: number,
  of: number,
  catalogue: Catalogue,
): DocketLine {
  const { name } = getIngredient(catalogue, ingredient);
  const all = roundGrams(grams * tins);
  return {
    id: `${FOLDED}${ingredient}`,
    ingredient,
    name: tins < of ? `${name}, into ${tins} of ${of}` : name,
    grams: range(all, all, all),
    volume: null,
    cupGrams: null,
    source: null,
    changed: true,
    overruled: false,
  };
}

/** The tins of one bake where they differ, each kind with its batter and its own time. Those that are done first come first. */
export function differingTins(
  batter: readonly FormulaLine[],
  folded: FoldedIn,
  tins: number,
  bakes: { readonly plain: DocketBake; readonly folded: DocketBake | null },
  catalogue: Catalogue,
): DocketTin[] {
  const of = bakes.plain.pan!.count;
  const each = settle(massOf(batter) / of);
  const { name } = getIngredient(catalogue, folded.ingredient);
  const plain = of - tins;
  const kinds: DocketTin[] = [
    ...(plain > 0 ? [{ count: plain, batter: each, folded: null, ...timesOf(bakes.plain) }] : []),
    {
      count: tins,
      batter: each,
      folded: { ingredient: folded.ingredient, name, grams: folded.grams },
      ...timesOf(bakes.folded),
    },
  ];
  return kinds.sort((a, b) => (a.minutes?.central ?? 0) - (b.minutes?.central ?? 0));
}

/** Not yet known while the oven is still being simulated. */
const timesOf = (bake: DocketBake | null) => ({
  minutes: bake?.minutes ?? null,
  firstCheck: bake?.firstCheck ?? null,
});
