import { convertPart, wheatOf } from '../balance';
import { designBlend, routeFor, stillFits, type BlendOutcome } from '../blend';
import { familyOf } from '../family';
import { bakeOf, type BakeQuestion, type FoundBake } from '../heat';
import type { ConversionRequest, Kitchen } from '../kitchen';
import { toEnd, type Steps } from '../quantity';
import type { Recipe } from '../read';
import type { FamilyId } from '../vocabulary';
import { assemble, type Balanced } from './assemble';
import { toBake } from './bake';
import { bakeQuestion } from './bakeQuestion';
import { asLearnt } from './learnt';
import { foldedTins, linesWithFolded } from './folded';
import { keyOf, remembered, type Memory } from './memory';
import { familyOfPart, isGlaze, onlyThickens, whipsWhites } from './partFamily';
import { none, plan, workOf, type Work } from './plan';
import type { DocketBake, NoDocket, Outcome } from './types';

/** All parts of some work converted with a blend that was found, or why there is no docket. */
export function balance(work: Work, family: FamilyId, answer: BlendOutcome): Balanced | NoDocket {
  if (answer.kind === 'infeasible')
    return none(work, 'infeasible', answer.reasons, answer.relax, answer.ways);
  const [blend, ...rest] = answer.blends;
  if (!blend)
    return none(
      work,
      'infeasible',
      [{ code: 'no-blend', values: {} }],
      [{ code: 'allow-some-flour', values: {} }],
    );
  const { request, catalogue } = work;
  const route = routeFor(request, family, catalogue);
  return {
    converted: work.parts.map((part) => {
      const own = familyOfPart(part, family, work);
      return convertPart(
        part,
        own,
        { request: asLearnt(request, work, own), catalogue, route, blend },
        {
          thickens: onlyThickens(part, work),
          whipsWhites: whipsWhites(part, work),
          glazes: isGlaze(part, work),
        },
      );
    }),
    blend,
    others: rest.map(({ shares }) => shares),
    route,
  };
}

/** The slow answers of a conversion: kept by whoever asks, so that a quick docket can be made with them. */
export interface SlowAnswers {
  readonly blend: BlendOutcome;
  readonly bake: DocketBake;
  /** Of the tins that something is folded into; null: there are none. */
  readonly foldedBake: DocketBake | null;
}

/** An outcome with the slow answers that it was made with; none where there is no docket. */
export interface Conversion {
  readonly outcome: Outcome;
  readonly slow: SlowAnswers | null;
}

/** What of a request the blend doesn't hang on: a change of it alone keeps the blend that was designed. */
const OF_HEAT = new Set<string>([
  'pan',
  'oven',
  'ovenId',
  'start',
  'microwave',
  'timed',
  'folded',
] satisfies readonly (keyof ConversionRequest)[]);

/** An oven that is turned asks for the same blend again. */
function* blendOf(
  { kitchen, request, parts, catalogue }: Work,
  family: FamilyId,
  memory: Memory | null,
): Steps<BlendOutcome> {
  const wheat = wheatOf(
    parts.flatMap(({ lines }) => lines),
    catalogue,
  );
  const asked = Object.entries(request).filter(([name]) => !OF_HEAT.has(name));
  const key = keyOf(kitchen.version, family, wheat, asked);
  const route = routeFor(request, family, catalogue);
  return yield* remembered(memory, 'blend', key, () => designBlend(family, route, request, kitchen, wheat));
}

/**
 * The conversion's own bake. Where it may be asked for again its section is kept minute by minute: drawing it then costs no second
 * simulation.
 */
export const ownBake = (question: BakeQuestion, work: Work, memory: Memory | null): Steps<FoundBake> => {
  const asked = memory ? { ...question, framed: true } : question;
  return remembered(memory, 'bake', keyOf(work.kitchen.version, asked), () => bakeOf(asked, work.catalogue));
};

/** As `convert`, in steps that yield every few milliseconds. `memory`: of whoever asks again. */
export function* convertSteps(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
  memory: Memory | null = null,
): Steps<Conversion> {
  const work = workOf(recipe, request, kitchen);
  const planned = plan(work);
  if ('outcome' in planned) return { outcome: planned, slow: null };
  const { family } = planned;
  const profile = familyOf(family);
  const blend = yield* blendOf(work, family, memory);
  const balanced = balance(work, family, blend);
  if ('outcome' in balanced) return { outcome: balanced, slow: null };
  const question = bakeQuestion(balanced, profile, work);
  const bake = toBake(yield* ownBake(question, work, memory), question, work);
  const foldedBake = yield* bakeFolded(question, bake, work);
  const outcome = assemble(work, planned, balanced, { bake, foldedBake });
  return { outcome, slow: { blend, bake, foldedBake } };
}

/** The bake of the tins that something is folded into: they hold more, and are done later. */
function* bakeFolded(question: BakeQuestion, { pan }: DocketBake, work: Work): Steps<DocketBake | null> {
  const { catalogue } = work;
  const { folded } = work.request;
  const tins = foldedTins(folded, pan, catalogue);
  if (tins === null) return null;
  const converted = linesWithFolded(question.converted, folded!, tins, pan!.count, catalogue);
  const answer = yield* bakeOf({ ...question, converted, pan: { ...pan!, count: tins } }, catalogue);
  return toBake(answer, question, work);
}

/**
 * A docket without the slow computations: balanced anew with a blend and a bake that were found for an earlier question.
 * Null where that blend can't be used for this one. An outcome that is no docket needs neither and is always given.
 */
export function quickDocket(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
  earlier: SlowAnswers | null,
): Outcome | null {
  const work = workOf(recipe, request, kitchen);
  const planned = plan(work);
  if ('outcome' in planned) return planned;
  if (!earlier || earlier.blend.kind !== 'blends') return null;
  const [first] = earlier.blend.blends;
  if (!first || !stillFits(first, planned.family, work.request, work.kitchen)) return null;
  const balanced = balance(work, planned.family, earlier.blend);
  if ('outcome' in balanced) return balanced;
  return assemble(work, planned, balanced, earlier);
}

/**
 * The one door: a recipe, what is asked of it and a household's snapshot, to a docket or to why there is none. Pure and
 * deterministic: the same input gives the same output on server, worker and command line.
 */
export const convert = (recipe: Recipe, request: ConversionRequest, kitchen: Kitchen): Outcome =>
  toEnd(convertSteps(recipe, request, kitchen)).outcome;
