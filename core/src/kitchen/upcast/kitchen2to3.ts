import type { Stored } from './chain';

/** Version 3 keeps what was taken over of what the kitchen has learnt. */
export const kitchen2to3 = (document: Stored): Stored => ({
  ...document,
  schema: 3,
  learning: { times: [], forgotten: [], trusted: [], since: {}, likelihoods: [] },
});
