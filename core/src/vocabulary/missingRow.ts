/** Thrown when a table is asked for a row that it doesn't hold: a programmer's mistake, named. */
export class MissingRowError extends Error {
  constructor(table: string, key: string) {
    super(`The table of ${table} has no row "${key}".`);
    this.name = 'MissingRowError';
  }
}
