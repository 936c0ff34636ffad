import {
  compositionOfPanel,
  getIngredient,
  panelTrouble,
  type Catalogue,
  type NutritionPanel,
} from '../catalogue';
import { judgeLabel } from '../guard';
import { constraintsOf, solveProgram } from '../quantity';
import { matchIngredient } from '../read';

/** A share that a label gives away, with how far it may be otherwise. */
export interface InferredShare {
  readonly ingredient: string;
  readonly name: string;
  readonly share: number;
  readonly low: number;
  readonly high: number;
}

export interface Inference {
  /** In the label's own order. */
  readonly shares: readonly InferredShare[];
  /** How far the panel of these shares stands from the label's, in roundings of a label; under 1 it explains it. */
  readonly misfit: number;
  /** What can't be right, in words; null where all agrees. */
  readonly contradiction: string | null;
}

/** What of a panel says something of a flour, and how exactly a label says it: g per 100 g, its rounding and the tables' doubt. */
const SAID = [
  ['protein', 0.6],
  ['fat', 0.4],
  ['sugars', 0.5],
  ['fibre', 0.8],
  ['starch', 1.6],
  ['ash', 0.4],
] as const;
/** Nothing but the order is known of near twins: a slight pull to even shares settles them. */
const EVEN = 0.02;
/** A panel this many roundings off is not explained by these flours; and an order that costs this much more contradicts it. */
const UNEXPLAINED = 2.5;
const CONTRADICTS = 2;
/** How much worse than the best a composition may fit and still be possible, in squared roundings. */
const POSSIBLE = 1;
/** Gums and the like come last, under "less than 2 %": by convention of labels. */
const LEAST = 0.002;

interface Fit {
  readonly shares: readonly number[];
  readonly misfit: number;
}

/** Rows of the fit: what each flour brings of a nutrient, in roundings of the label. */
function rowsOf(ids: readonly string[], panel: NutritionPanel, catalogue: Catalogue) {
  const wanted = compositionOfPanel(panel);
  const own = ids.map((id) => getIngredient(catalogue, id).composition);
  return SAID.map(([nutrient, tolerance]) => ({
    of: own.map((composition) => composition[nutrient] / tolerance),
    to: wanted[nutrient] / tolerance,
  }));
}

type Rows = ReturnType<typeof rowsOf>;

/** Σx = 1, x ≥ a little, and, where the order counts, each no more than the one before. */
function limits(count: number, ordered: boolean) {
  const made = constraintsOf(count);
  made.add(
    Array.from({ length: count }, (_, i) => [i, 1] as const),
    1,
  );
  for (let i = 0; i < count; i += 1) made.add([[i, 1]], LEAST);
  if (ordered)
    for (let i = 0; i + 1 < count; i += 1)
      made.add(
        [
          [i, 1],
          [i + 1, -1],
        ],
        0,
      );
  return made;
}

const misfitOf = (rows: Rows, shares: readonly number[]): number =>
  Math.sqrt(
    rows.reduce(
      (sum, { of, to }) => sum + (of.reduce((total, one, i) => total + one * shares[i]!, 0) - to) ** 2,
      0,
    ) / rows.length,
  );

/** Constrained least squares: ‖Ax − b‖² + a slight pull to even shares, within the limits. */
function fit(rows: Rows, count: number, ordered: boolean): Fit {
  const { columns, bounds } = limits(count, ordered);
  const matrix = Array.from({ length: count }, (_, i) =>
    Array.from(
      { length: count },
      (_x, j) => 2 * rows.reduce((sum, { of }) => sum + of[i]! * of[j]!, 0) + (i === j ? 2 * EVEN : 0),
    ),
  );
  const linear = Array.from(
    { length: count },
    (_, i) => 2 * rows.reduce((sum, { of, to }) => sum + of[i]! * to, 0) + (2 * EVEN) / count,
  );
  const answer = solveProgram({ matrix, linear, columns, bounds, equalities: 1 });
  // Even shares keep every limit, so there is always an answer.
  if (!answer) throw new Error('The shares of a label could not be solved.');
  return { shares: answer.x, misfit: misfitOf(rows, answer.x) };
}

/** A slope far steeper than the fit's own: it goes to the edge of what is possible. */
const STEEP = 1;
const CURVE = 1e-4;

/** The least and most that a share can be while every nutrient stays within its rounding of the best fit. */
function edge(rows: Rows, best: Fit, at: number, sign: 1 | -1): number {
  const count = best.shares.length;
  const { columns, bounds, add } = limits(count, true);
  for (const { of, to } of rows) {
    const now = of.reduce((sum, one, i) => sum + one * best.shares[i]!, 0);
    const slack = Math.max(POSSIBLE, Math.abs(now - to));
    const entries = (factor: number) => of.map((one, i) => [i, factor * one] as const);
    add(entries(1), to - slack);
    add(entries(-1), -(to + slack));
  }
  const matrix = Array.from({ length: count }, (_, i) =>
    Array.from({ length: count }, (_x, j) => (i === j ? CURVE : 0)),
  );
  const linear = Array.from({ length: count }, (_, i) => (i === at ? sign * STEEP : 0));
  return solveProgram({ matrix, linear, columns, bounds, equalities: 1 })?.x[at] ?? best.shares[at]!;
}

function contradictionOf(rows: Rows, best: Fit, panel: NutritionPanel, count: number): string | null {
  const trouble = panelTrouble(panel);
  if (trouble !== null) return trouble;
  const free = fit(rows, count, false);
  if (best.misfit > UNEXPLAINED && best.misfit > CONTRADICTS * free.misfit)
    return 'The panel contradicts the order of the ingredients: with another order it would fit. Look at both again.';
  if (best.misfit > UNEXPLAINED)
    return 'These ingredients can’t give that panel, in whatever shares: one may be missing, or a number misread.';
  return null;
}

/**
 * The shares of a bought blend that its label gives away: ingredients in falling order of weight (21 CFR 101.4; EU 1169/2011,
 * Art. 18) and a nutrition panel, by constrained least squares. What the label leaves open (two starches are alike to it) is
 * shown as each share's least and most. `ids`: the label's order. Throws nothing; one ingredient is the whole.
 */
export function inferShares(ids: readonly string[], panel: NutritionPanel, catalogue: Catalogue): Inference {
  const rows = rowsOf(ids, panel, catalogue);
  const best = fit(rows, ids.length, true);
  return {
    misfit: best.misfit,
    contradiction: contradictionOf(rows, best, panel, ids.length),
    shares: ids.map((ingredient, at) => ({
      ingredient,
      name: getIngredient(catalogue, ingredient).name,
      share: best.shares[at]!,
      low: Math.min(best.shares[at]!, edge(rows, best, at, -1)),
      high: Math.max(best.shares[at]!, edge(rows, best, at, 1)),
    })),
  };
}

/** What a packet's statement lists, placed where it can be: only what stands outside of brackets has a share of its own. */
export function listedOn(
  statement: string,
  catalogue: Catalogue,
): { readonly known: readonly string[]; readonly unknown: readonly string[] } {
  const words = judgeLabel(statement, catalogue)
    .entries.filter(({ depth }) => depth === 0)
    .map((entry) => entry.words);
  const placed = words.map((one) => ({ one, match: matchIngredient(one, catalogue) }));
  const known = placed.flatMap(({ match }) => (match ? [match.ingredient] : []));
  return {
    known: [...new Set(known)],
    unknown: placed.filter(({ match }) => !match).map(({ one }) => one),
  };
}
