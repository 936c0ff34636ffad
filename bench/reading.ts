import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { parseIngredient } from 'parse-ingredient';
import { guardRecipe } from '@omniarton/core/guard';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '@omniarton/core/kitchen';
import { gramsPerUnit, mlPerUnit } from '@omniarton/core/quantity';
import { ingredientLines, readRecipe } from '@omniarton/core/read';
import { csvCases } from '../core/src/testing';

const RECIPES = 1000;
const LINES = 15;
const CASES = csvCases(join(import.meta.dirname, '../core/src/read/cases/parse-lines.csv')).filter(
  (row) => row['line'] !== '' && row['expected_ingredient'] !== '',
);

/** A thousand recipes of fifteen lines, no two alike: the cases' own lines, with other amounts. */
function recipes(): string[] {
  return Array.from({ length: RECIPES }, (_, recipe) =>
    [
      `Bench bake ${recipe}`,
      ...Array.from({ length: LINES }, (__, at) => {
        const line = CASES[(recipe * 7 + at * 11) % CASES.length]!['line']!;
        return line.replace(/^(\d+)(?= ?(?:g|ml|cups?|tbsp|tsp)\b)/, (amount) =>
          String(Number(amount) + recipe),
        );
      }),
      'Method',
      `Heat the oven to ${160 + (recipe % 40)} °C and line a tin.`,
      `Bake for ${20 + (recipe % 30)} minutes, until golden.`,
    ].join('\n'),
  );
}

const counter = () => {
  let count = 0;
  return () => `l${(count += 1)}`;
};
const readOne = (text: string) => readRecipe(text, { kitchen: BUILT_IN_KITCHEN, newId: counter() }).recipe;
const timed = <T>(work: () => T): { readonly ms: number; readonly result: T } => {
  const began = performance.now();
  const result = work();
  return { ms: performance.now() - began, result };
};

/** Grams by the quantity parser alone: its units of mass as they are, its volumes as if all were water. */
function byParserAlone(line: string): number | null {
  const [parsed] = parseIngredient(line);
  if (!parsed?.quantity || parsed.unitOfMeasureID === null) return null;
  const quantity = (parsed.quantity + (parsed.quantity2 ?? parsed.quantity)) / 2;
  const per = gramsPerUnit(parsed.unitOfMeasureID) ?? mlPerUnit(parsed.unitOfMeasureID, 'US');
  return per === undefined ? null : quantity * per;
}

const inBand = (grams: number | null, row: Record<string, string>) =>
  grams !== null && grams >= Number(row['grams_low']) && grams <= Number(row['grams_high']);

export interface ReadingFigures {
  readonly readMs: number;
  readonly guardMs: number;
  readonly parserMs: number;
  /** Shares of the lines with a weight that came out within its band. */
  readonly ours: number;
  readonly parser: number;
}

/** A thousand recipes read and guarded in one process, beside the quantity parser alone on the same lines. */
export function readingFigures(): ReadingFigures {
  const texts = recipes();
  texts.slice(0, 20).forEach(readOne);
  const read = timed(() => texts.map(readOne));
  const guard = timed(() => read.result.map((one) => guardRecipe(one, EMPTY_REQUEST, BUILT_IN_KITCHEN)));
  const lines = read.result.flatMap((one) => ingredientLines(one).map(({ source }) => source));
  const parser = timed(() => lines.map((line) => parseIngredient(line)));
  const weighed = CASES.filter((row) => row['grams_low'] !== '' && Number(row['grams_low']) > 0);
  const share = (grams: (line: string) => number | null) =>
    weighed.filter((row) => inBand(grams(row['line']!), row)).length / weighed.length;
  return {
    readMs: read.ms,
    guardMs: guard.ms,
    parserMs: parser.ms,
    ours: share((line) => ingredientLines(readOne(line))[0]?.items[0]?.grams?.central ?? null),
    parser: share(byParserAlone),
  };
}
