import { UnreadableDocumentError } from '@omniarton/core/kitchen';

/** What of some rows can be read, and how many can't: one document of a newer program hides no other. */
export function readable<Row, Made>(
  rows: readonly Row[],
  make: (row: Row) => Made,
): { readonly items: Made[]; readonly unreadable: number } {
  const items = rows.flatMap((row): Made[] => {
    try {
      return [make(row)];
    } catch (error) {
      if (!(error instanceof UnreadableDocumentError)) throw error;
      return [];
    }
  });
  return { items, unreadable: rows.length - items.length };
}
