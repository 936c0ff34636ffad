import type { Stored } from './chain';

/** Version 3 can be tilted, sweetened otherwise and baked on a mountain: nothing of it was asked before. */
export const recipe2to3 = (document: Stored): Stored => ({
  ...document,
  schema: 3,
  request: {
    ...(document['request'] as Stored),
    tilt: { drink: 1, binder: 1, sugar: 1, fat: 1 },
    sweetener: null,
    altitudeMetres: 0,
  },
});
