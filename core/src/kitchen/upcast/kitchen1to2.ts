import type { Stored } from './chain';

/**
 * Version 2 has a bin for people who were taken away, and says of an own ingredient when its label was read. Early documents
 * of version 1 had no tins, ovens or microwave.
 */
export const kitchen1to2 = (document: Stored): Stored => ({
  pans: [],
  ovens: [],
  microwave: null,
  ...document,
  schema: 2,
  ingredients: (document['ingredients'] as readonly object[]).map((one) => ({
    ...one,
    certified: false,
    label: null,
  })),
  bin: [],
});
