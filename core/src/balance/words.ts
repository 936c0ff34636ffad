import { roundGrams } from '../quantity';
import type { FormulaLine } from '../formula';

/** "170 g butter": a weight and a name as a shift says them. */
export const weighed = (grams: number, name: string): string => `${roundGrams(grams)} g ${name}`;
export const lineWords = (line: FormulaLine): string => weighed(line.grams, line.name);
