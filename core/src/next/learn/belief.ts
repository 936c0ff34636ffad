/** What is believed of several quantities at once, each known by a name: normal, with how they hang together. */
export interface Belief {
  readonly names: readonly string[];
  readonly mean: readonly number[];
  readonly covariance: readonly (readonly number[])[];
}

export const NOTHING: Belief = { names: [], mean: [], covariance: [] };

/** How far something unknown is expected to spread about nothing. */
export type SpreadOf = (name: string) => number;

/** A sum of quantities, each so many times. */
export type Sum = readonly (readonly [name: string, times: number])[];

/** What a belief says of a sum of quantities: names that it doesn't know spread about nothing. */
export function sumOf(
  belief: Belief,
  sum: Sum,
  spreadOf: SpreadOf,
): { readonly mean: number; readonly sd: number } {
  let mean = 0;
  let variance = 0;
  const known: (readonly [at: number, times: number])[] = [];
  for (const [name, times] of sum) {
    const at = belief.names.indexOf(name);
    if (at < 0) variance += (times * spreadOf(name)) ** 2;
    else known.push([at, times]);
  }
  for (const [at, times] of known) {
    mean += times * belief.mean[at]!;
    for (const [other, more] of known) variance += times * more * belief.covariance[at]![other]!;
  }
  return { mean, sd: Math.sqrt(variance) };
}

/** A belief that knows these names. */
function widened(belief: Belief, sum: Sum, spreadOf: SpreadOf): Belief {
  const fresh = [...new Set(sum.map(([name]) => name))].filter((name) => !belief.names.includes(name));
  if (fresh.length === 0) return belief;
  const names = [...belief.names, ...fresh];
  return {
    names,
    mean: [...belief.mean, ...fresh.map(() => 0)],
    covariance: names.map((name, row) =>
      names.map(
        (_, column) => belief.covariance[row]?.[column] ?? (row === column ? spreadOf(name) ** 2 : 0),
      ),
    ),
  };
}

/**
 * A belief after a sum of its quantities was seen to be so much, by a look whose own spread is known: exact for normal quantities
 * (conjugate; one step of a Kalman filter). Example: x ~ 0 ± 1, y ~ 0 ± 1, x + y seen as 3 ± 1 → 1 each.
 */
export function seenSum(before: Belief, sum: Sum, seen: number, seenSd: number, spreadOf: SpreadOf): Belief {
  const belief = widened(before, sum, spreadOf);
  const times = belief.names.map((name) =>
    sum.reduce((all, [one, more]) => all + (one === name ? more : 0), 0),
  );
  const pulled = belief.covariance.map((row) => row.reduce((all, value, at) => all + value * times[at]!, 0));
  const variance = pulled.reduce((all, value, at) => all + value * times[at]!, 0) + seenSd ** 2;
  const off = seen - times.reduce((all, more, at) => all + more * belief.mean[at]!, 0);
  return {
    names: belief.names,
    mean: belief.mean.map((value, at) => value + (pulled[at]! / variance) * off),
    covariance: belief.covariance.map((row, at) =>
      row.map((value, other) => value - (pulled[at]! * pulled[other]!) / variance),
    ),
  };
}
