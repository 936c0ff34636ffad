import type { Stored } from './chain';

/**
 * Version 2 knows people, strictness by person, labels and scale. Answers of version 1 don't say what they were given to,
 * so they can't hold: what they settled is asked again.
 */
export function recipe1to2(document: Stored): Stored {
  const { coeliac, ...request } = document['request'] as Stored & { readonly coeliac?: boolean };
  return {
    ...document,
    schema: 2,
    asWritten: [],
    foreign: null,
    request: {
      ...request,
      pins: (request['pins'] as readonly object[]).map((pin) => ({ ...pin, held: true })),
      mild: [],
      gluten: coeliac === false ? 'label' : 'certified',
      blend: { aims: [], most: 4, useUp: null, buy: null, route: null, jar: null, jarBy: 'weight' },
      pseudocereals: false,
      grainDerived: false,
      people: [],
      answers: [],
      labels: [],
      scale: null,
    },
  };
}
