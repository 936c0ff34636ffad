import { readFileSync } from 'node:fs';

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
