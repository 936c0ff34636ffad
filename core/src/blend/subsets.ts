import type { Steps } from '../quantity';
import type { Deviations } from './question';

/** A set of flours and the least that its objective can be. */
export interface Candidate {
  readonly members: readonly number[];
  readonly bound: number;
}

/** Between two looks at the clock of the caller: about 8 ms of subsets on a slow machine. */
const YIELD_EVERY = 20_000;

/**
 * Goes through every set of 1 to `most` flours and keeps those whose affine optimum lies below `ceiling`. On a set the
 * optimum of xᵀGx with Σx = 1 is 1 / 1ᵀG⁻¹1: a lower bound for the bounded one. G's Cholesky factor grows by a row a
 * flour, and with it z = L⁻¹1, so that a set costs some dozen flops: 1ᵀG⁻¹1 = Σz².
 */
export function* subsetsBelow(ceiling: number, most: number, { gram }: Deviations): Steps<Candidate[]> {
  const n = gram.length;
  const kept: Candidate[] = [];
  const factor = Array.from({ length: most }, () => new Float64Array(most));
  const z = new Float64Array(most);
  const sums = new Float64Array(most + 1);
  const members = new Int32Array(most);
  let visited = 0;
  let depth = 0;
  members[0] = -1;
  while (depth >= 0) {
    const flour = (members[depth] = members[depth]! + 1);
    if (flour >= n) {
      depth -= 1;
      continue;
    }
    const row = factor[depth]!;
    const own = gram[flour]!;
    let pivot = own[flour]!;
    let rest = 1;
    for (let j = 0; j < depth; j += 1) {
      let value = own[members[j]!]!;
      const above = factor[j]!;
      for (let k = 0; k < j; k += 1) value -= row[k]! * above[k]!;
      value /= above[j]!;
      row[j] = value;
      pivot -= value * value;
      rest -= value * z[j]!;
    }
    const diagonal = Math.sqrt(Math.max(pivot, Number.EPSILON));
    row[depth] = diagonal;
    z[depth] = rest / diagonal;
    sums[depth + 1] = sums[depth]! + z[depth]! * z[depth]!;
    const bound = 1 / sums[depth + 1]!;
    if (bound < ceiling) kept.push({ members: Array.from(members.subarray(0, depth + 1)), bound });
    visited += 1;
    if (visited % YIELD_EVERY === 0) yield members[0] / n;
    if (depth + 1 < most) {
      depth += 1;
      members[depth] = flour;
    }
  }
  return kept;
}
