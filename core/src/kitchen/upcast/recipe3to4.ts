import type { Stored } from './chain';

/** Version 4 may fold something into some of the tins, and knows which shifts were taken. */
export const recipe3to4 = (document: Stored): Stored => ({
  ...document,
  schema: 4,
  taken: [],
  request: { ...(document['request'] as Stored), folded: null },
});
