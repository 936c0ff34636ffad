import type { Steps } from '../quantity';
import type { BoundTerms } from './boundTerms';

/** A set of flours and the least that its objective can be. */
export interface Candidate {
  readonly members: readonly number[];
  readonly bound: number;
}

/** Between two looks at the clock of the caller: about 8 ms of subsets on a slow machine. */
const YIELD_EVERY = 200_000;

/** The sets with the least bounds, in no order; `beyond`: no other set's bound is under it, Infinity where there are no others. */
export interface LeastBounds {
  readonly candidates: readonly Candidate[];
  readonly beyond: number;
}

/** Keeps the `wanted` least of what it is given, cutting down now and then, so that most sets cost no memory. */
class Least {
  private kept: Candidate[] = [];
  ceiling = Infinity;
  constructor(
    private readonly wanted: number,
    /** What each place stands for. */
    private readonly order: readonly number[],
  ) {}

  add(members: Int32Array, depth: number, bound: number): void {
    const set: number[] = [];
    for (let k = 0; k <= depth; k += 1) set.push(this.order[members[k]!]!);
    this.kept.push({ members: set.sort((a, b) => a - b), bound });
    if (this.kept.length >= 2 * this.wanted) this.cut();
  }
  cut(): readonly Candidate[] {
    if (this.kept.length <= this.wanted) return this.kept;
    this.kept.sort((a, b) => a.bound - b.bound);
    this.ceiling = this.kept[this.wanted]!.bound;
    this.kept.length = this.wanted;
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
 * What the flours after a set have left of them once the set's are taken out: a column of G's Cholesky factor a member, and with it
 * each flour's pivot and what is left of its 1. A set's affine optimum is one over the sum of its z² (z = L⁻¹1), and a flour more
 * adds left² / pivot to that: four flops a set, none of them a division.
 */
class Taken {
  private readonly columns: readonly Float64Array[];
  readonly pivots: readonly Float64Array[];
  readonly left: readonly Float64Array[];
  readonly sums: Float64Array;
  constructor(
    private readonly gram: readonly Float64Array[],
    most: number,
  ) {
    const n = gram.length;
    const rows = () => Array.from({ length: most }, () => new Float64Array(n));
    this.columns = rows();
    this.pivots = rows();
    this.left = rows();
    this.sums = new Float64Array(most);
    this.pivots[0]!.forEach((_, j) => (this.pivots[0]![j] = gram[j]![j]!));
    this.left[0]!.fill(1);
  }
  /** Takes the flour into a set of `depth`. */
  take(flour: number, depth: number): void {
    const n = this.gram.length;
    const pivot = this.pivots[depth]!;
    const left = this.left[depth]!;
    const nextPivot = this.pivots[depth + 1]!;
    const nextLeft = this.left[depth + 1]!;
    const column = this.columns[depth]!;
    const inverse = 1 / Math.sqrt(Math.max(pivot[flour]!, Number.EPSILON));
    const z = left[flour]! * inverse;
    this.sums[depth + 1] = this.sums[depth]! + z * z;
    const own = this.gram[flour]!;
    for (let j = flour + 1; j < n; j += 1) column[j] = own[j]!;
    for (let k = 0; k < depth; k += 1) {
      const before = this.columns[k]!;
      const factor = before[flour]!;
      for (let j = flour + 1; j < n; j += 1) column[j] = column[j]! - factor * before[j]!;
    }
    for (let j = flour + 1; j < n; j += 1) {
      const entry = column[j]! * inverse;
      column[j] = entry;
      nextPivot[j] = pivot[j]! - entry * entry;
      nextLeft[j] = left[j]! - entry * z;
    }
  }
}

/**
 * Goes through every set of flours that counts and gives the `wanted` whose affine optimum is least: on a set the least of xᵀGx with
 * Σx = 1 is 1 / 1ᵀG⁻¹1, a lower bound for the bounded one.
 */
export function* leastBounds(
  wanted: number,
  { most, held: heldAt, bought: boughtAt, mostBought }: Sets,
  { gram: given, offset }: BoundTerms,
): Steps<LeastBounds> {
  const n = given.length;
  // Flours that do well alone come first: the least are met early, and few others are kept meanwhile.
  const order = Array.from(given, (_, at) => at).sort((a, b) => given[a]![a]! - given[b]![b]!);
  const gram = order.map((i) => Float64Array.from(order, (j) => given[i]![j]!));
  const bought = Uint8Array.from(order, (i) => boughtAt[i]!);
  const held = heldAt.map((one) => order.indexOf(one));
  const least = new Least(wanted, order);
  const taken = new Taken(gram, most);
  const bags = new Int32Array(most + 1);
  const members = new Int32Array(most);
  let visited = 0;
  /** All sets of one flour more than the first `depth`. */
  const look = (depth: number): void => {
    const pivot = taken.pivots[depth]!;
    const left = taken.left[depth]!;
    const sum = taken.sums[depth]!;
    const from = depth === 0 ? 0 : members[depth - 1]! + 1;
    let short = 1 / (least.ceiling + offset) - sum;
    for (let j = from; j < n; j += 1) {
      const more = left[j]! * left[j]!;
      const own = Math.max(pivot[j]!, Number.EPSILON);
      if (more <= short * own || bags[depth]! + bought[j]! > mostBought) continue;
      members[depth] = j;
      if (held.length > 0 && !hasAll(members, depth, held)) continue;
      least.add(members, depth, 1 / (sum + more / own) - offset);
      short = 1 / (least.ceiling + offset) - sum;
    }
    visited += n - from;
  };
  look(0);
  let depth = 0;
  members[0] = -1;
  while (depth >= 0 && most > 1) {
    const flour = (members[depth] = members[depth]! + 1);
    if (flour >= n) {
      depth -= 1;
      continue;
    }
    bags[depth + 1] = bags[depth]! + bought[flour]!;
    if (bags[depth + 1]! > mostBought) continue;
    taken.take(flour, depth);
    look(depth + 1);
    if (visited > YIELD_EVERY) {
      visited = 0;
      yield members[0] / n;
    }
    if (depth + 2 < most) {
      depth += 1;
      members[depth] = flour;
    }
  }
  const candidates = least.cut();
  return { candidates, beyond: least.ceiling };
}

const hasAll = (members: Int32Array, depth: number, held: readonly number[]): boolean =>
  held.every((one) => members.subarray(0, depth + 1).includes(one));
