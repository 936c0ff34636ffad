import type { Stored } from '../../kitchen';

/** Version 6 tells who answered and who ticked, whom it guards by a frozen copy, and what on it is no food. */
export function docket5to6(docket: Stored): Stored {
  const guard = docket['guard'] as Stored;
  return {
    ...docket,
    schema: 6,
    guard: {
      ...guard,
      answered: (guard['answered'] as readonly object[]).map((one) => ({ ...one, settled: null })),
      open: (guard['open'] as readonly object[]).map((one) => ({ ...one, settled: null })),
      crossContact: (guard['crossContact'] as readonly object[]).map((one) => ({ ...one, done: null })),
      notForEating: [],
    },
  };
}
