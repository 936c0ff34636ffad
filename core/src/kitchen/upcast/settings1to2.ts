import type { Stored } from './chain';

/** Version 2 knows by what name somebody answers and ticks. Early documents of version 1 had no choice of weights. */
export const settings1to2 = (document: Stored): Stored => ({
  units: 'grams',
  ...document,
  schema: 2,
  signs: '',
});
