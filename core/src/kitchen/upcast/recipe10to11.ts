import type { Stored } from './chain';

/** Version 11 knows trials of how it is made beside those of a blend, and a rest that isn't cold can be asked for. */
export function recipe10to11(document: Stored): Stored {
  const { chill, ...request } = document['request'] as Stored;
  const trial = document['trial'] as (Stored & { readonly runs: readonly Stored[] }) | null;
  return {
    ...document,
    schema: 11,
    request: { ...request, rest: chill },
    trial: trial && {
      ...trial,
      kind: 'blend',
      runs: trial.runs.map(({ code, shares }) => ({ code, at: shares })),
    },
  };
}
