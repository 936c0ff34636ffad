import type { Stored } from '../../kitchen';

/** Version 2 knows how much room the fridge has, and how long hands took for what was timed. */
export function day1to2(document: Stored): Stored {
  const run = document['run'] as { readonly setup: object } | null;
  return {
    ...document,
    schema: 2,
    fridge: null,
    timed: [],
    run: run && { ...run, setup: { ...run.setup, fridge: null }, pace: {} },
  };
}
