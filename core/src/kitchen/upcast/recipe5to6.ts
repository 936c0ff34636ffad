import type { Stored } from './chain';

/**
 * Version 6 keeps what each person at its table avoids, and who answered. A recipe that was stored before knows its people by
 * id alone: what they avoid is filled in where the kitchen is at hand (`seats`), and is the household's word till then.
 */
export function recipe5to6(document: Stored): Stored {
  const { people, seats, answers, ...request } = document['request'] as Stored;
  const byId = (people as readonly string[]).map((id) => ({ id, gluten: null, grainFree: null, avoids: [] }));
  return {
    ...document,
    schema: 6,
    request: {
      ...request,
      seats: seats ?? byId,
      answers: (answers as readonly object[]).map((one) => ({ ...one, by: '' })),
      ticks: [],
    },
  };
}
