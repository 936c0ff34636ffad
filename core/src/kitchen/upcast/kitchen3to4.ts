import type { Stored } from './chain';

/** Version 4 keeps figures beside times: what flours drink, doses, doneness, tastes. */
export const kitchen3to4 = (document: Stored): Stored => ({
  ...document,
  schema: 4,
  learning: { ...(document['learning'] as object), kept: [] },
});
