import { doesIt, getIngredient, type Catalogue } from '../catalogue';
import { linesThat, type FormulaLine } from '../formula';
import { NO_TILT, type Tilt } from '../kitchen';
import { constraintsOf, solveProgram } from '../quantity';
import type { RouteId } from '../vocabulary';
import { ledgerOf, perGram } from './ledger';
import { heaviest, isThin } from './lines';
import type { Quantity, Target } from './types';

/** A line whose weight may move, and how far. `towards`: the quantity that it is there for. */
export interface Adjustable {
  readonly line: FormulaLine;
  readonly least: number;
  readonly most: number;
  readonly towards: Quantity;
  /** It stands where it should already: it moves only for its own quantity, never to help another. */
  readonly firm?: boolean;
  /** A smaller move, as a share of its weight, is left out. */
  readonly leastMove?: number;
}

export interface Adjusted {
  readonly lines: readonly FormulaLine[];
  /** Targets that could not be met, with what is missing (+) or over (−), in the quantity's unit. */
  readonly unmet: readonly { readonly target: Target; readonly by: number }[];
}

/** The pull that keeps a line where it is, against the pull of a target: small, so that targets are met. */
const STAY = 1e-4;
/** How much harder a firm line is to move. */
const FIRM = 1e2;
/** A line that is new, or small, moves as easily as one of so many grams. */
const EASY_GRAMS = 100;
/** Less than this of it is nothing that a cook would notice. */
const UNMET_SHARE = 0.05;
/** Least liquid that stays, share of what was there; solid fat keeps its part in the method, sugar its structure. Common practice. */
const MOVES = {
  liquidLeast: 0.4,
  butterLeast: 0.6,
  oilLeast: 0.3,
  butterMost: 1.05,
  sugarLeast: 0.85,
  sugarMost: 1.05,
  powderLeast: 0.4,
  powderMost: 1.6,
} as const;
const FATTY = 70;

/** A fresh cheese has more protein than so many percent: it is as wet as a liquid, and isn't poured. */
const CURD_PROTEIN = 7;
/** So little of another liquid is a flavouring, g. */
const A_SPLASH = 40;
/** So little is no liquid to be moved: what came in for a yolk, g. */
const A_DROP = 15;

/** Of the thin liquids those that are poured; all, where there is but a splash of such. */
function mostPourable(thin: readonly FormulaLine[], catalogue: Catalogue): readonly FormulaLine[] {
  const poured = thin.filter(
    ({ ingredient, grams }) =>
      grams >= A_SPLASH && getIngredient(catalogue, ingredient).composition.protein <= CURD_PROTEIN,
  );
  return poured.length > 0 ? poured : thin;
}

/**
 * A nut or seed butter is its own fat: the butter may go altogether. What is creamed or rubbed in stays for the most part: the
 * method stands on it; an oil is only fat.
 */
const leastFat = ({ ingredient }: FormulaLine, route: RouteId, catalogue: Catalogue): number => {
  if (route === 'nut-butter-led') return 0;
  return doesIt(getIngredient(catalogue, ingredient), 'is creamed or rubbed in')
    ? MOVES.butterLeast
    : MOVES.oilLeast;
};

/** The lines of a part that may move: its main liquid, fat and sugar, and its powder. What a person fixed does not. */
export function adjustables(
  lines: readonly FormulaLine[],
  fixed: ReadonlySet<string>,
  catalogue: Catalogue,
  route: RouteId = 'grain-blend',
  tilt: Tilt = NO_TILT,
): Adjustable[] {
  const free = lines.filter(({ line }) => !fixed.has(line));
  const of = (line: FormulaLine) => getIngredient(catalogue, line.ingredient).composition;
  const thin = free.filter((line) => isThin(line, catalogue) && (line.grams >= A_DROP || line.grams === 0));
  const liquid = heaviest(mostPourable(thin, catalogue));
  const fat = heaviest(free.filter((line) => line.role === 'fat' && of(line).fat > FATTY));
  const sugar = heaviest(free.filter((line) => line.role === 'sugar'));
  const powder = heaviest(linesThat('powder', free, catalogue));
  return [
    ...(liquid
      ? [{ line: liquid, least: liquid.grams * MOVES.liquidLeast, most: Infinity, towards: 'drink' as const }]
      : []),
    ...(fat
      ? [
          {
            line: fat,
            least: fat.grams * leastFat(fat, route, catalogue) * Math.min(1, tilt.fat),
            most: fat.grams * MOVES.butterMost * Math.max(1, tilt.fat),
            towards: 'fat' as const,
          },
        ]
      : []),
    ...(sugar
      ? [
          {
            line: sugar,
            least: sugar.grams * MOVES.sugarLeast * Math.min(1, tilt.sugar),
            most: sugar.grams * MOVES.sugarMost * Math.max(1, tilt.sugar),
            towards: 'sugar' as const,
          },
        ]
      : []),
    ...(powder
      ? [
          {
            line: powder,
            least: powder.grams * MOVES.powderLeast,
            most: powder.grams * MOVES.powderMost,
            towards: 'lift' as const,
          },
        ]
      : []),
  ];
}

/** How much a quantity counts for: a per cent of it is a per cent of anything else. */
const sizeOf = (target: Target): number => Math.max(1, Math.abs(target.low), Math.abs(target.high));

interface Program {
  readonly diagonal: readonly number[];
  readonly columns: readonly (readonly number[])[];
  readonly bounds: readonly number[];
}

function programOf(
  targets: readonly Target[],
  moves: readonly Adjustable[],
  now: Readonly<Record<Quantity, number>>,
  catalogue: Catalogue,
): Program {
  const n = moves.length;
  const slopes = moves.map(({ line }) => perGram(line.ingredient, catalogue));
  const width = n + 2 * targets.length;
  const { columns, bounds, add } = constraintsOf(width);
  targets.forEach((target, k) => {
    const size = sizeOf(target);
    const slope = slopes.map((one, i) => [i, one[target.quantity] / size] as const);
    const value = now[target.quantity] / size;
    add([...slope, [n + 2 * k, 1]], target.low / size - value);
    add([...slope.map(([i, v]) => [i, -v] as const), [n + 2 * k + 1, 1]], value - target.high / size);
    add([[n + 2 * k, 1]], 0);
    add([[n + 2 * k + 1, 1]], 0);
  });
  moves.forEach(({ line, least, most }, i) => {
    add([[i, 1]], least - line.grams);
    if (Number.isFinite(most)) add([[i, -1]], line.grams - most);
  });
  const diagonal = [
    ...moves.map(({ line, firm }) => (2 * STAY * (firm ? FIRM : 1)) / Math.max(EASY_GRAMS, line.grams) ** 2),
    ...targets.flatMap(({ weight }) => [2 * weight, 2 * weight]),
  ];
  return { diagonal, columns, bounds };
}

/**
 * Moves the adjustable lines so that all targets of a part are met together, as nearly as their bounds allow: bounded
 * least squares of the misses, each relative to its size, with a faint pull to stay (npm quadprog). Never a negative weight.
 */
export function meetTargets(
  lines: readonly FormulaLine[],
  targets: readonly Target[],
  moves: readonly Adjustable[],
  catalogue: Catalogue,
): Adjusted {
  const now = ledgerOf(lines, catalogue);
  const moved =
    moves.length === 0 || targets.length === 0 ? lines : solved(lines, targets, moves, now, catalogue);
  const after = ledgerOf(moved, catalogue);
  const unmet = targets.flatMap((target) => {
    const by =
      after[target.quantity] < target.low
        ? target.low - after[target.quantity]
        : Math.min(0, target.high - after[target.quantity]);
    return Math.abs(by) > UNMET_SHARE * sizeOf(target) ? [{ target, by }] : [];
  });
  return { lines: moved, unmet };
}

function solved(
  lines: readonly FormulaLine[],
  targets: readonly Target[],
  moves: readonly Adjustable[],
  now: Readonly<Record<Quantity, number>>,
  catalogue: Catalogue,
): readonly FormulaLine[] {
  const { diagonal, columns, bounds } = programOf(targets, moves, now, catalogue);
  const matrix = diagonal.map((value, i) => diagonal.map((_, j) => (i === j ? value : 0)));
  const solution = solveProgram({ matrix, columns, bounds, equalities: 0 })?.x;
  // Every target has its slack, so there is always room.
  if (!solution) throw new Error('The balances of a part could not be solved.');
  const worth = ({ line, leastMove = 0 }: Adjustable, by: number) => Math.abs(by) >= leastMove * line.grams;
  const change = new Map(
    moves.flatMap((move, i) => (worth(move, solution[i]!) ? [[move.line, solution[i]!] as const] : [])),
  );
  return lines.map((line) => {
    const by = change.get(line);
    if (by === undefined) return line;
    const grams = Math.max(0, line.grams + by);
    const factor = line.grams > 0 ? grams / line.grams : 1;
    return {
      ...line,
      grams,
      low: line.grams > 0 ? line.low * factor : grams,
      high: line.grams > 0 ? line.high * factor : grams,
    };
  });
}
