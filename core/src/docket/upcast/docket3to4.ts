import type { Stored } from '../../kitchen';

/** Version 4 tells tins apart where they differ, and which balance asked for a shift. */
export const docket3to4 = (docket: Stored): Stored => ({
  ...docket,
  schema: 4,
  tins: [],
  bake: { ...(docket['bake'] as Stored), crust: [], doneBy: null },
  shifts: (docket['shifts'] as readonly object[]).map((shift) => ({ ...shift, balance: null })),
});
