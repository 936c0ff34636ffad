import { readFileSync } from 'node:fs';
import { getIngredient } from './catalogue';
import type { FormulaLine } from './formula';
import { BUILT_IN_KITCHEN, catalogueOf } from './kitchen';
import { readProcess, type FamilyGuess } from './process';
import { readRecipe, type Recipe } from './read';

/** Rows of a CSV file of cases (RFC 4180), each by its column's name. Used by tests alone. */
export function csvCases(file: string): Record<string, string>[] {
  const cells = [...readFileSync(file, 'utf8').matchAll(/(?:"((?:[^"]|"")*)"|([^,\n]*))(,|\n|$)/g)];
  const rows: string[][] = [[]];
  for (const [whole, quoted, plain, end] of cells) {
    if (whole === '' && rows.at(-1)!.length === 0) break;
    rows.at(-1)!.push(quoted?.replaceAll('""', '"') ?? plain ?? '');
    if (end !== ',') rows.push([]);
  }
  const [head = [], ...body] = rows.filter((row) => row.length > 1);
  return body.map((row) => Object.fromEntries(head.map((name, at) => [name, row[at] ?? ''])));
}

export function counter(): () => string {
  let count = 0;
  return () => `l${(count += 1)}`;
}

/** A line of a formula for tests: so many grams of an ingredient of the product's catalogue. */
export function lineOf(ingredient: string, grams: number, line = ingredient): FormulaLine {
  const { name, role } = getIngredient(catalogueOf(BUILT_IN_KITCHEN), ingredient);
  return { line, ingredient, name, role, grams, low: grams, high: grams };
}

export const readText = (text: string): Recipe =>
  readRecipe(text, { kitchen: BUILT_IN_KITCHEN, newId: counter() }).recipe;

/** What a page is taken for. */
export const familyRead = (text: string): FamilyGuess => readProcess(readText(text), BUILT_IN_KITCHEN).family;

/** Of some cases the share that is as wanted. */
export const shareOf = <T>(some: readonly T[], what: (one: T) => boolean): number =>
  some.filter(what).length / some.length;

const USUAL_RUNS = 100;

/** How often a law is tried, from a fixed seed: `npm run soak` sets FC_RUNS and tries it more often. */
export const runs = (seed: number) => ({ seed, numRuns: Number(process.env.FC_RUNS ?? USUAL_RUNS) });
export { isHeld, labelledIn } from './read/page/cases/labelled';
