import type { Stored } from './chain';

/** Version 8 may say for how long a dough is chilled: nobody was asked before. */
export const recipe7to8 = (document: Stored): Stored => ({
  ...document,
  schema: 8,
  request: { ...(document['request'] as Stored), chill: null },
});
