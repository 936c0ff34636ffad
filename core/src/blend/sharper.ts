import type { BoundTerms } from './boundTerms';
import type { BlendQuestion } from './question';
import type { Candidate } from './subsets';

const TINY = 1e-14;
/** Taken off a bound for the rounding of its inverse. */
const ROUNDING = 1e-10;
/** So many sets are sharpened at first, and then as many as there were. */
const FIRST_BLOCK = 64;

/** The inverse of a small symmetric matrix that is positive definite, row by row, in place (Gauss–Jordan); false where it is singular. */
function invert(matrix: Float64Array, n: number): boolean {
  for (let k = 0; k < n; k += 1) {
    const pivot = matrix[k * n + k]!;
    if (Math.abs(pivot) < TINY) return false;
    matrix[k * n + k] = 1;
    for (let j = 0; j < n; j += 1) matrix[k * n + j]! /= pivot;
    for (let i = 0; i < n; i += 1) {
      if (i === k) continue;
      const factor = matrix[i * n + k]!;
      matrix[i * n + k] = 0;
      for (let j = 0; j < n; j += 1) matrix[i * n + j]! -= factor * matrix[k * n + j]!;
    }
  }
  return true;
}

/**
 * A set's bound made sharper by one limit: where its affine optimum x* breaks c·x ≤ b, the least within that lies on its edge, higher
 * by (c·x* − b)² / cᵀPc with P = G⁻¹ − G⁻¹11ᵀG⁻¹ / 1ᵀG⁻¹1. It is the greatest over least shares, caps and groups; Infinity where
 * the caps leave no room.
 */
export function sharpener(question: BlendQuestion, { gram, offset }: BoundTerms): (one: Candidate) => number {
  const { flours, caps, pins, floors, leastShare, groups } = question;
  const low = flours.map((id) => pins[id] ?? Math.max(leastShare, floors[id] ?? 0));
  const cap = flours.map((id) => pins[id] ?? Math.min(1, caps[id] ?? 1));
  const inGroup = groups.map(({ members }) => flours.map((id) => members.includes(id)));
  return ({ members, bound }) => {
    const n = members.length;
    let room = 0;
    for (const i of members) room += cap[i]!;
    if (room < 1 - ROUNDING) return Infinity;
    if (n === 1) return bound;
    const matrix = new Float64Array(n * n);
    for (let a = 0; a < n; a += 1)
      for (let b = 0; b < n; b += 1) matrix[a * n + b] = gram[members[a]!]![members[b]!]!;
    if (!invert(matrix, n)) return bound;
    const sums = new Float64Array(n);
    let total = 0;
    for (let a = 0; a < n; a += 1) {
      for (let b = 0; b < n; b += 1) sums[a]! += matrix[a * n + b]!;
      total += sums[a]!;
    }
    const spread = (a: number, b: number) => matrix[a * n + b]! - (sums[a]! * sums[b]!) / total;
    const rise = (by: number, over: number) => (by > 0 && over > TINY ? (by * by) / over : 0);
    let most = 0;
    for (let a = 0; a < n; a += 1) {
      const share = sums[a]! / total;
      const by = Math.max(low[members[a]!]! - share, share - cap[members[a]!]!);
      most = Math.max(most, rise(by, spread(a, a)));
    }
    groups.forEach((group, g) => {
      let filled = 0;
      let over = 0;
      for (let a = 0; a < n; a += 1) {
        if (!inGroup[g]![members[a]!]) continue;
        filled += sums[a]! / total;
        for (let b = 0; b < n; b += 1) if (inGroup[g]![members[b]!]) over += spread(a, b);
      }
      most = Math.max(most, rise(filled - group.most, over));
    });
    return Math.max(bound, 1 / total - offset + most - ROUNDING);
  };
}

/** Candidates in the order of their sharper bounds, of which no more are computed than it takes. */
export function* inSharperOrder(
  candidates: readonly Candidate[],
  sharpen: (one: Candidate) => number,
): Generator<Candidate> {
  const sorted = [...candidates].sort((a, b) => a.bound - b.bound);
  const waiting: Candidate[] = [];
  for (let from = 0; from < sorted.length || waiting.length > 0;) {
    const block = sorted.slice(from, from + Math.max(FIRST_BLOCK, from));
    from += block.length;
    waiting.push(...block.map((one) => ({ ...one, bound: sharpen(one) })));
    waiting.sort((a, b) => a.bound - b.bound);
    const next = sorted[from]?.bound ?? Infinity;
    const ready = waiting.findIndex(({ bound }) => bound > next);
    yield* waiting.splice(0, ready < 0 ? waiting.length : ready);
  }
}
