import type { Catalogue } from '../catalogue';
import type { Steps } from '../quantity';
import { boundedOptimum, type Bounded } from './bounded';
import { canBeBlended } from './feasible';
import { lifted } from './boundTerms';
import { deviationsOf, type BlendQuestion, type Deviations } from './question';
import { inSharperOrder, sharpener } from './sharper';
import { leastBounds, type Candidate } from './subsets';

export interface Solution extends Bounded {
  readonly flours: readonly string[];
}

/** Two blends are different when at least this much of one would have to be poured out to make the other. */
const DIFFERENT = 0.2;
/** Objectives that agree to this many digits are a tie, broken by the flours' ids. */
const TIE_DIGITS = 9;
/** Sets with the least bounds that are looked at first; where they prove nothing, so many times more. */
const FIRST_LOOK = 6144;
const WIDER = 4;
/** Sets that are solved before what has been found is looked at, and by how much that grows each time. */
const FIRST_BATCH = 64;
const GROWS = 1.6;

interface Ranked extends Solution {
  readonly rank: number;
  readonly tie: string;
}

const ranked = (one: Solution): Ranked => ({
  ...one,
  rank: Number(one.value.toPrecision(TIE_DIGITS)),
  tie: one.flours.join(),
});
const compare = (a: Ranked, b: Ranked) => a.rank - b.rank || (a.tie < b.tie ? -1 : 1);

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
 * them: what isn't solved can't be among them. `worst`: the value of the last of them; Infinity where they are too few.
 */
function* inOrder(
  candidates: Iterable<Candidate>,
  question: BlendQuestion,
  deviations: Deviations,
): Steps<{ picked: Solution[]; worst: number }> {
  const solutions: Ranked[] = [];
  const found = () => {
    const picked = pickDifferent(solutions.sort(compare), question.answers);
    return { picked, worst: picked.length === question.answers ? picked.at(-1)!.value : Infinity };
  };
  let worst = Infinity;
  let look = FIRST_BATCH;
  let at = 0;
  for (const { members, bound } of candidates) {
    if (bound >= worst) break;
    const best = boundedOptimum(members, question, deviations);
    if (best) solutions.push(ranked({ ...best, flours: members.map((i) => question.flours[i]!) }));
    at += 1;
    if (at < look) continue;
    look = Math.ceil(look * GROWS);
    ({ worst } = found());
    yield at / FIRST_LOOK;
  }
  return found();
}

/**
 * The best blends that differ, each with its proven place: every set of flours whose lower bound lies under the last of them
 * has been solved, and every other is worse. Empty when the limits leave no blend. Deterministic on any machine.
 */
export function* solveBlend(question: BlendQuestion, catalogue: Catalogue): Steps<Solution[]> {
  if (!canBeBlended(question)) return [];
  const deviations = deviationsOf(question, catalogue);
  const terms = lifted(question, deviations);
  const sharpen = sharpener(question, terms);
  const { flours, pins, floors, bought, most, mostBought } = question;
  const sets = {
    most,
    mostBought,
    held: [...new Set([...Object.keys(pins), ...Object.keys(floors)])].map((id) => flours.indexOf(id)),
    bought: Uint8Array.from(flours, (id) => Number(bought.includes(id))),
  };
  for (let wanted = FIRST_LOOK; ; wanted *= WIDER) {
    const found = yield* leastBounds(wanted, sets, terms);
    const ordered = inSharperOrder(found.candidates, sharpen);
    const { picked, worst } = yield* inOrder(ordered, question, deviations);
    if (worst <= found.beyond) return picked;
  }
}
