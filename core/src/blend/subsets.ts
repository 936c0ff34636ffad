import type { Steps } from '../quantity';
import type { BoundTerms } from './boundTerms';

/** A set of flours and the least that its objective can be. */
export interface Candidate {
  readonly members: readonly number[];
  readonly bound: number;
}

/** Between two looks at the clock of the caller: about 8 ms of subsets on a slow machine. */
const YIELD_EVERY = 20_000;

/** The sets with the least bounds, in no order; `all`: there are no others. */
export interface LeastBounds {
  readonly candidates: readonly Candidate[];
  readonly all: boolean;
}

/** Keeps the `wanted` least of what it is given, cutting down now and then, so that most sets cost no memory. */
class Least {
  private kept: Candidate[] = [];
  ceiling = Infinity;
  all = true;
  constructor(private readonly wanted: number) {}

  add(members: Int32Array, depth: number, bound: number): void {
    this.kept.push({ members: Array.from(members.subarray(0, depth + 1)), bound });
    if (this.kept.length >= 2 * this.wanted) this.cut();
  }
  cut(): readonly Candidate[] {
    if (this.kept.length <= this.wanted) return this.kept;
    this.kept.sort((a, b) => a.bound - b.bound);
    this.ceiling = this.kept[this.wanted]!.bound;
    this.kept.length = this.wanted;
    this.all = false;
    return this.kept;
  }
}

/** Which sets count: of at most so many flours, with all of `held`, and with at most `mostBought` of those marked. */
export interface Sets {
  readonly most: number;
  readonly held: readonly number[];
  /** 1 for a flour that would have to be bought. */
  readonly bought: Uint8Array;
  readonly mostBought: number;
}

/**
 * Goes through every set of flours that counts and gives the `wanted` whose affine optimum is least. On a set the optimum of xᵀGx with Σx = 1 is 1 / 1ᵀG⁻¹1: a lower bound for the bounded one. G's Cholesky factor grows
 * by a row a flour, and with it z = L⁻¹1, so that a set costs some dozen flops: 1ᵀG⁻¹1 = Σz².
 */
export function* leastBounds(
  wanted: number,
  { most, held, bought, mostBought }: Sets,
  { gram, offset }: BoundTerms,
): Steps<LeastBounds> {
  const n = gram.length;
  const least = new Least(wanted);
  const factor = Array.from({ length: most }, () => new Float64Array(most));
  const z = new Float64Array(most);
  const sums = new Float64Array(most + 1);
  const bags = new Int32Array(most + 1);
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
    bags[depth + 1] = bags[depth]! + bought[flour]!;
    if (bags[depth + 1]! > mostBought) continue;
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
    const bound = 1 / sums[depth + 1]! - offset;
    if (bound < least.ceiling && (held.length === 0 || hasAll(members, depth, held)))
      least.add(members, depth, bound);
    visited += 1;
    if (visited % YIELD_EVERY === 0) yield members[0] / n;
    if (depth + 1 < most) {
      depth += 1;
      members[depth] = flour;
    }
  }
  const candidates = least.cut();
  return { candidates, all: least.all };
}

const hasAll = (members: Int32Array, depth: number, held: readonly number[]): boolean =>
  held.every((one) => members.subarray(0, depth + 1).includes(one));
