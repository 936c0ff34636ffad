import { addedTo } from '../read';
import { getIngredient, type Catalogue } from '../catalogue';
import type { FormulaLine } from '../formula';

/** A line that a rule brings in, weighed exactly. */
export function newLine(line: string, ingredient: string, grams: number, catalogue: Catalogue): FormulaLine {
  const { name, role } = getIngredient(catalogue, ingredient);
  return { line, ingredient, name, role, grams, low: grams, high: grams };
}

/** A line in another amount; its doubt goes with it. */
export const times = (line: FormulaLine, factor: number): FormulaLine => ({
  ...line,
  grams: line.grams * factor,
  low: line.low * factor,
  high: line.high * factor,
});

/** A line with so much more of the same. */
export const plus = (line: FormulaLine, more: FormulaLine): FormulaLine => ({
  ...line,
  grams: line.grams + more.grams,
  low: line.low + more.low,
  high: line.high + more.high,
});

/** Another ingredient in a line's place, so many grams of it for a gram. */
export function inPlaceOf(
  line: FormulaLine,
  ingredient: string,
  ratio: number,
  catalogue: Catalogue,
): FormulaLine {
  const { name, role } = getIngredient(catalogue, ingredient);
  return { ...times(line, ratio), ingredient, name, role };
}

/** More of what is in a part already, or a line of its own where it isn't. */
export function withMore(
  part: { readonly id: string; readonly lines: readonly FormulaLine[] },
  ingredient: string,
  grams: number,
  catalogue: Catalogue,
): {
  readonly lines: readonly FormulaLine[];
  readonly was: FormulaLine | undefined;
  readonly now: FormulaLine;
} {
  const was = part.lines.find((line) => line.ingredient === ingredient);
  if (!was) {
    const now = newLine(addedTo(part.id, ingredient), ingredient, grams, catalogue);
    return { lines: [...part.lines, now], was, now };
  }
  const now = plus(was, { ...was, grams, low: grams, high: grams });
  return { lines: part.lines.map((line) => (line === was ? now : line)), was, now };
}

/** A liquid with less water, g per 100 g, doesn't thin a batter. */
const WATERY = 60;

/** Whether a line is a liquid thin enough to take more of. */
export const isThin = ({ role, ingredient }: FormulaLine, catalogue: Catalogue): boolean =>
  role === 'liquid' && getIngredient(catalogue, ingredient).composition.water > WATERY;

/** The line with the most grams; of two that weigh the same the one whose id comes first. */
export const heaviest = (lines: readonly FormulaLine[]): FormulaLine | undefined =>
  [...lines].sort((a, b) => b.grams - a.grams || (a.line < b.line ? -1 : 1))[0];
