import { COLUMN, namesColumns } from './page';

const cellsOf = (line: string): string[] =>
  line
    .trim()
    .replace(/^\||\|$/g, '')
    .split(COLUMN)
    .map((cell) => cell.trim());
const GRAMS = /^(?:grams?|g|weight \(g\)|g(?:rams?)? per batch)$/i;
const SHARES = /%|\bper ?cent\b|\bpercent\b/i;
const RULE = /^[\s|:–-]+$/;
const A_NUMBER = /^\d+(?:[.,]\d+)?$/;

/**
 * Rows of a table with what their column's name says of them: under "Grams" a bare number is grams, and a share of the flour is no
 * amount. `lines`: null where a line goes on with the one above.
 */
export function withColumnUnits(lines: readonly (string | null)[]): (string | null)[] {
  let columns: readonly string[] = [];
  return lines.map((line) => {
    if (line === null || RULE.test(line)) return line;
    const cells = cellsOf(line);
    if (cells.length > 1 && namesColumns(line)) {
      columns = cells;
      return line;
    }
    if (cells.length < 2) columns = [];
    const [grams, shares] = [GRAMS, SHARES].map((name) => columns.findIndex((cell) => name.test(cell)));
    const bare = grams! >= 0 && cells.length >= columns.length - 1 && A_NUMBER.test(cells[grams!] ?? '');
    if (!bare) return line;
    return cells
      .map((cell, at) => (at === grams ? `${cell} g` : cell))
      .filter((_, at) => at !== shares)
      .join(' | ');
  });
}
