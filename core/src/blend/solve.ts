import type { Catalogue } from '../catalogue';
import type { Steps } from '../quantity';
import { boundedOptimum, type Bounded } from './bounded';
import { deviationsOf, type BlendQuestion, type Deviations } from './question';
import { leastBounds, type Candidate } from './subsets';

export interface Solution extends Bounded {
  readonly flours: readonly string[];
}

/** Two blends are different when at least this much of one would have to be poured out to make the other. */
const DIFFERENT = 0.2;
/** Objectives that agree to this many digits are a tie, broken by the flours' ids. */
const TIE_DIGITS = 9;
/** Sets with the least bounds that are looked at first; where they prove nothing, so many times more. */
const FIRST_LOOK = 1024;
const WIDER = 8;
/** Sets that are solved between two looks at what has been found. */
const BATCH = 48;

const compare = (a: Solution, b: Solution) =>
  Number(a.value.toPrecision(TIE_DIGITS)) - Number(b.value.toPrecision(TIE_DIGITS)) ||
  (a.flours.join() < b.flours.join() ? -1 : 1);

/** Half of the sum of differences in share: the part of the jar that isn't the same. */
function apart(a: Solution, b: Solution): number {
  const ids = new Set([...a.flours, ...b.flours]);
  const share = (one: Solution, id: string) => one.shares[one.flours.indexOf(id)] ?? 0;
  return [...ids].reduce((sum, id) => sum + Math.abs(share(a, id) - share(b, id)), 0) / 2;
}

function pickDifferent(sorted: readonly Solution[], wanted: number): Solution[] {
  const picked: Solution[] = [];
  for (const one of sorted) {
    if (picked.length === wanted) break;
    if (picked.every((other) => apart(one, other) >= DIFFERENT)) picked.push(one);
  }
  return picked;
}

/**
 * Solves candidates in the order of their bounds, until the wanted blends are found and no bound left is under the last of
 * them: what isn't solved can't be among them.
 */
function* inOrder(
  candidates: readonly Candidate[],
  question: BlendQuestion,
  deviations: Deviations,
): Steps<{ picked: Solution[]; proven: boolean }> {
  const sorted = [...candidates].sort((a, b) => a.bound - b.bound);
  let solutions: Solution[] = [];
  let picked: Solution[] = [];
  for (let at = 0; at < sorted.length; at += BATCH) {
    const worst = picked.length === question.answers ? picked.at(-1)!.value : Infinity;
    if (sorted[at]!.bound >= worst) return { picked, proven: true };
    const solved = sorted.slice(at, at + BATCH).flatMap(({ members, bound }): Solution[] => {
      if (bound >= worst) return [];
      const best = boundedOptimum(members, question, deviations);
      return best ? [{ ...best, flours: members.map((i) => question.flours[i]!) }] : [];
    });
    solutions = [...solutions, ...solved].sort(compare);
    picked = pickDifferent(solutions, question.answers);
    yield at / sorted.length;
  }
  return { picked, proven: false };
}

/**
 * The best blends that differ, each with its proven place: every set of flours whose lower bound lies under the last of them
 * has been solved, and every other is worse. Empty when the limits leave no blend. Deterministic on any machine.
 */
export function* solveBlend(question: BlendQuestion, catalogue: Catalogue): Steps<Solution[]> {
  const deviations = deviationsOf(question, catalogue);
  const held = Object.keys(question.pins).map((id) => question.flours.indexOf(id));
  for (let wanted = FIRST_LOOK; ; wanted *= WIDER) {
    const found = yield* leastBounds(wanted, question.most, held, deviations);
    const { picked, proven } = yield* inOrder(found.candidates, question, deviations);
    if (proven || found.all) return picked;
  }
}
