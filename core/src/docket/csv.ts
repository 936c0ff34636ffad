import Papa from 'papaparse';
import type { Docket } from './types';

/** A docket's list as CSV (RFC 4180), a line a row. A cell that a spreadsheet would run as a formula gets an apostrophe before it. */
export const toCsvList = ({ title, parts }: Docket): string =>
  `${Papa.unparse(
    parts.flatMap(({ name, lines }) =>
      lines.map((line) => ({
        recipe: title,
        part: name ?? '',
        line: line.text ?? line.name,
        ingredient: line.name,
        grams: line.grams?.central ?? '',
        was: line.changed ? (line.source?.trim() ?? '') : '',
      })),
    ),
    { newline: '\n', escapeFormulae: true },
  )}\n`;
