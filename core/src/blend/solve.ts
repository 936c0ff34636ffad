import type { Catalogue } from '../catalogue';
import type { Steps } from '../quantity';
import { boundedOptimum, type Bounded } from './bounded';
import { deviationsOf, type BlendQuestion, type Deviations } from './question';
import { subsetsBelow, type Candidate } from './subsets';

export interface Solution extends Bounded {
  readonly flours: readonly string[];
}

/** Two blends are different when at least this much of one would have to be poured out to make the other. */
const DIFFERENT = 0.2;
/** Objectives that agree to this many digits are a tie, broken by the flours' ids. */
const TIE_DIGITS = 9;
/** Sets with the least bounds that are solved first, to know how good a blend can be. */
const SCOUTS = 64;
const WIDER = 1.6;
const SOLVES_BETWEEN_YIELDS = 200;

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

function* solveAll(
  candidates: readonly Candidate[],
  question: BlendQuestion,
  deviations: Deviations,
): Steps<Solution[]> {
  const solutions: Solution[] = [];
  for (let at = 0; at < candidates.length; at += 1) {
    if (at % SOLVES_BETWEEN_YIELDS === SOLVES_BETWEEN_YIELDS - 1) yield at / candidates.length;
    const { members } = candidates[at]!;
    const best = boundedOptimum(members, question, deviations);
    if (best) solutions.push({ ...best, flours: members.map((i) => question.flours[i]!) });
  }
  return solutions.sort(compare);
}

/** Solves candidates in the order of their bounds for as long as one could still beat the `rank`-th best. */
function* best(
  candidates: readonly Candidate[],
  question: BlendQuestion,
  deviations: Deviations,
  ceiling: number,
): Steps<Solution[]> {
  const inOrder = [...candidates].sort((a, b) => a.bound - b.bound);
  return (yield* solveAll(inOrder, question, deviations)).filter(({ value }) => value <= ceiling);
}

/**
 * The best blends that differ, each with its proven place: every set of flours whose lower bound lies under the ceiling has
 * been solved, and every other is worse. Empty when the limits leave no blend. Deterministic on any machine.
 */
export function* solveBlend(question: BlendQuestion, catalogue: Catalogue): Steps<Solution[]> {
  const deviations = deviationsOf(question, catalogue);
  const held = Object.keys(question.pins).map((id) => question.flours.indexOf(id));
  const every = yield* subsetsBelow(Infinity, question.most, deviations);
  const everything = every.filter(({ members }) => held.every((i) => members.includes(i)));
  const scouts = [...everything].sort((a, b) => a.bound - b.bound).slice(0, SCOUTS);
  const scouted = yield* solveAll(scouts, question, deviations);
  let ceiling = scouted[0] ? scouted[0].value * WIDER : Infinity;
  for (;;) {
    const under = everything.filter(({ bound }) => bound < ceiling);
    const picked = pickDifferent(yield* best(under, question, deviations, ceiling), question.answers);
    if (picked.length === question.answers || under.length === everything.length) return picked;
    ceiling *= WIDER;
  }
}
