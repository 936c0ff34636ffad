import { roundGrams } from '../quantity';
import type { FormulaLine } from '../formula';
import type { End, Weight } from './says';

/** So much of something, as a cook weighs it. Example: 170.3 g of butter → 170. */
export const weight = (
  { ingredient, name }: Pick<FormulaLine, 'ingredient' | 'name'>,
  grams: number,
): Weight => ({
  ingredient,
  name,
  grams: roundGrams(grams),
});

/** Lines as one end of a shift: "170 g butter + 20 g water". */
export const weightsOf = (...lines: readonly FormulaLine[]): End => ({
  code: 'weights',
  values: { of: lines.map((line) => weight(line, line.grams)) },
});

/** What stood there before: a line, or nothing. */
export const before = (line: FormulaLine | undefined): End =>
  line ? weightsOf(line) : { code: 'nothing', values: {} };
