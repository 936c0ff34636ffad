import type { Stored } from './chain';

/** Version 5 knows how a bake comes to the oven, into which one, and what a bake of one's own has taken. */
export const recipe4to5 = (document: Stored): Stored => ({
  ...document,
  schema: 5,
  request: {
    ...(document['request'] as Stored),
    start: { from: 'room', on: 'rack', shared: false },
    ovenId: null,
    microwave: false,
    timed: null,
  },
});
