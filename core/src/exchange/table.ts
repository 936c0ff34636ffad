import Papa from 'papaparse';
import { formulaOf, massOf } from '../formula';
import { sourceOf, type Recipe } from '../read';
import { FLOUR_ROLES } from '../vocabulary';
import type { Found } from './types';

/** Columns of a formula's table, in their order. */
const COLUMNS = [
  'recipe',
  'part',
  'line',
  'ingredient',
  'role',
  'grams',
  'grams_low',
  'grams_high',
  'bakers_percent',
] as const;

const short = (value: number) => String(Number(value.toPrecision(6)));

/**
 * A recipe's formula as CSV (RFC 4180), one weighed thing a row: grams with their range, and baker's percentage, g per 100 g
 * of all flour. A cell that a spreadsheet would run as a formula gets an apostrophe before it.
 */
export function toCsv(recipe: Recipe): string {
  const parts = formulaOf(recipe);
  const flour = massOf(parts.flatMap(({ lines }) => lines).filter(({ role }) => FLOUR_ROLES.has(role)));
  const sources = new Map(
    recipe.parts.flatMap(({ lines }) => lines.map(({ id, source }) => [id, source.trim()] as const)),
  );
  const rows = parts.flatMap(({ name, lines }) =>
    lines.map((line) => ({
      recipe: recipe.title,
      part: name ?? '',
      line: sources.get(sourceOf(line.line).line) ?? '',
      ingredient: line.name,
      role: line.role,
      grams: short(line.grams),
      grams_low: short(line.low),
      grams_high: short(line.high),
      bakers_percent: flour > 0 ? short((100 * line.grams) / flour) : '',
    })),
  );
  return Papa.unparse({ fields: [...COLUMNS], data: rows }, { newline: '\n', escapeFormulae: true }) + '\n';
}

/** A cell without the apostrophe that keeps spreadsheets from running it. */
export const bareCell = (cell: string): string => cell.replace(/^'(?=[=+\-@\t\r])/, '');

/** A table of a recipe's thousand lines is far shorter. */
const MOST_TABLE = 1_000_000;

/** A formula's table as a recipe's text again: the lines as they were written where it has them, else weight and name. */
export function ofCsv(csv: string): Found | undefined {
  if (csv.length > MOST_TABLE) return undefined;
  const { data, meta } = Papa.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: true });
  if (!meta.fields?.includes('ingredient') || !meta.fields.includes('grams')) return undefined;
  const bare = (cell: string | undefined) => bareCell(cell ?? '').trim();
  const title = bare(data[0]?.['recipe']);
  const lines: string[] = [];
  let part = '';
  for (const row of data) {
    const heading = bare(row['part']);
    if (heading !== part) lines.push(`${heading}:`);
    part = heading;
    const line = bare(row['line']) || `${bare(row['grams'])} g ${bare(row['ingredient'])}`;
    // Two things on one line are two rows.
    if (line !== lines.at(-1)) lines.push(line);
  }
  const text = [title, ...(title ? [''] : []), ...lines].join('\n');
  return { title, text, foreign: null };
}
