import { convertPart, flourGrams, wheatGrams, type ConvertedPart, type Setting } from '../balance';
import {
  allowedFlours,
  designBlend,
  ROUTE_TABLE,
  routeFor,
  type Blend,
  type BlendOutcome,
  type BlendPart,
} from '../blend';
import type { Catalogue } from '../catalogue';
import { COVERED_FAMILIES, describeFamily, findProfile, type Profile } from '../family';
import { formulaOf, liftLedger, type FormulaPart } from '../formula';
import { grainForbidden, guardRecipe } from '../guard';
import { predictBake, restFor, type BakeAnswer } from '../heat';
import { catalogueOf, type ConversionRequest, type Kitchen } from '../kitchen';
import { settle, toEnd, type Steps } from '../quantity';
import type { Recipe } from '../read';
import type { FamilyId, RouteId } from '../vocabulary';
import { docketLines } from './lines';
import { editsFor, writeMethod } from './method';
import { breachesOf, guardDocket, outgoingLines } from './outgoing';
import type { Docket, DocketBake, DocketPart, NoDocket, Outcome } from './types';

const SURE = 0.6;

/** Everything that a conversion is made from. */
interface Work {
  readonly recipe: Recipe;
  readonly request: ConversionRequest;
  readonly kitchen: Kitchen;
  readonly catalogue: Catalogue;
  readonly parts: readonly FormulaPart[];
}

function none(
  work: Work,
  outcome: NoDocket['outcome'],
  reasons: readonly string[],
  relax: readonly string[] = [],
): NoDocket {
  return { outcome, reasons, relax, guard: guardRecipe(work.recipe, work.request, work.kitchen) };
}

/** True when nothing in the recipe needs replacing for these people. */
function nothingForbidden({ recipe, request, kitchen }: Work): boolean {
  const { lines } = guardRecipe(recipe, request, kitchen);
  return lines.every(
    ({ gluten, grain, allergens }) =>
      gluten !== 'contains' &&
      !grainForbidden(request.diet, grain) &&
      !allergens.some((one) => request.without.includes(one)),
  );
}

function whyNothing(work: Work): NoDocket {
  const flour = work.parts.reduce((sum, { lines }) => sum + flourGrams(lines, work.catalogue), 0);
  if (flour > 0)
    return none(work, 'already-gluten-free', [
      'Nothing on this list holds gluten of its own, and nothing on it is avoided. The labels are still to be read.',
    ]);
  return none(work, 'nothing-to-convert', [
    'There is no flour with a weight on this list, so there is nothing to convert. It is guarded all the same.',
  ]);
}

function notCovered(work: Work, family: FamilyId): NoDocket {
  const { name, nearest } = describeFamily(family);
  const near = nearest ? describeFamily(nearest).name : COVERED_FAMILIES.join(', ');
  return none(
    work,
    'family-not-covered',
    [`This reads as ${name}, which can’t be converted yet. The nearest that can is ${near}.`],
    nearest ? [`Convert it as ${near} (--family ${nearest})`] : [],
  );
}

/** The parts that flour builds; in the others it is at most a thickener. */
const isBuilt = (part: FormulaPart, catalogue: Catalogue): boolean => wheatGrams(part.lines, catalogue) > 0;

interface Balanced {
  readonly converted: readonly ConvertedPart[];
  readonly blend: Blend;
  readonly others: readonly (readonly BlendPart[])[];
  readonly route: RouteId;
}

function balance(work: Work, family: FamilyId, profile: Profile, answer: BlendOutcome): Balanced | NoDocket {
  if (answer.kind === 'infeasible') return none(work, 'infeasible', answer.reasons, answer.relax);
  const [blend, ...rest] = answer.blends;
  if (!blend) return none(work, 'infeasible', ['No blend keeps to the limits.'], ['Allow a flour again']);
  const route = routeFor(work.request);
  const { request, catalogue } = work;
  const setting: Setting = { request, catalogue, family, profile, route, blend };
  return {
    converted: work.parts.map((part) => convertPart(part, setting)),
    blend,
    others: rest.map(({ shares }) => shares),
    route,
  };
}

function toPart(converted: ConvertedPart, work: Work, balanced: Balanced): DocketPart {
  const part = work.recipe.parts.find(({ id }) => id === converted.id)!;
  const built = converted.balances.length > 0 && converted.lines.some(({ line }) => line.includes('~'));
  const grams = wheatGrams(converted.original, work.catalogue) * ROUTE_TABLE.rows[balanced.route].mass;
  return {
    id: converted.id,
    name: converted.name,
    blend: built ? balanced.blend.shares.map((one) => ({ ...one, grams: settle(one.share * grams) })) : [],
    lines: docketLines(part, converted, work.request, work.catalogue),
    balances: converted.balances.map(({ id, original, converted: now, band }) => ({
      id,
      original: settle(original),
      converted: settle(now),
      band: [settle(band[0]), settle(band[1])] as const,
    })),
    bySpoon: settle(converted.bySpoon),
  };
}

function toBake(answer: BakeAnswer, profile: Profile): DocketBake {
  const { minutes, firstCheck, centre } = answer;
  return {
    ovenCelsius: answer.ovenCelsius,
    fan: answer.fan,
    pan: answer.pan,
    depthCm: settle(answer.depthCm),
    minutes: minutes && {
      central: settle(minutes.central),
      low: settle(minutes.low),
      high: settle(minutes.high),
    },
    firstCheck: firstCheck === null ? null : settle(firstCheck),
    anchor: answer.anchor === null ? null : settle(answer.anchor),
    doneCelsius: profile.doneCelsius,
    doneSigns: profile.doneSigns,
    coolMinutes: profile.coolMinutes,
    centre: centre.map(([minute, celsius]) => [settle(minute), settle(celsius)] as const),
  };
}

/** Warnings that come from the recipe as a whole. */
function generalWarnings(
  work: Work,
  family: FamilyId,
  confidence: number,
  blend: Blend,
  bake: DocketBake,
): string[] {
  const warnings: string[] = [];
  if (work.request.family === null && confidence < SURE)
    warnings.push(
      `It may not be a ${describeFamily(family).name}: the guess is ${Math.round(confidence * 100)} % sure. Say what it is.`,
    );
  if (blend.relaxed.length > 0) warnings.push(...blend.relaxed);
  if (bake.anchor === null)
    warnings.push(
      'The recipe states no bake time, so nothing anchors the simulation: trust the doneness signs before the clock.',
    );
  else if (bake.anchor < 0.5 || bake.anchor > 2)
    warnings.push(
      `The stated time is ${bake.anchor.toFixed(1)} times the simulated one: look again at pan, oven and time.`,
    );
  const unweighed = work.recipe.parts
    .flatMap(({ lines }) => lines)
    .filter(({ items }) =>
      items.some(
        ({ ingredient, grams, role }) =>
          ingredient !== null && !grams && (role === 'wheat-flour' || role === 'liquid' || role === 'egg'),
      ),
    )
    .map(({ source }) => source.trim());
  for (const source of unweighed) warnings.push(`“${source}” has no weight and is not in the balances.`);
  return warnings;
}

/** What is to be converted and how, once that is known; or why there is nothing. */
function plan(work: Work): { family: FamilyId; profile: Profile } | NoDocket {
  const { recipe, request, catalogue } = work;
  if (nothingForbidden(work)) return whyNothing(work);
  const family = request.family ?? recipe.family.id;
  const built = work.parts.some((part) => isBuilt(part, catalogue));
  const profile = findProfile(family) ?? (built ? undefined : findProfile('drop-cookie'));
  if (!profile) return notCovered(work, family);
  if (!built && work.parts.every(({ lines }) => lines.length === 0)) return whyNothing(work);
  return { family, profile };
}

const mainPart = ({ converted }: Balanced, catalogue: Catalogue): ConvertedPart =>
  [...converted].sort((a, b) => flourGrams(b.lines, catalogue) - flourGrams(a.lines, catalogue))[0]!;

const workOf = (recipe: Recipe, request: ConversionRequest, kitchen: Kitchen): Work => ({
  recipe,
  request,
  kitchen,
  catalogue: catalogueOf(kitchen),
  parts: formulaOf(recipe),
});

/** The two slow answers of a conversion: kept by whoever asks, so that a quick docket can be made with them. */
export interface SlowAnswers {
  readonly blend: BlendOutcome;
  readonly bake: DocketBake;
}

/** An outcome with the slow answers that it was made with; none where there is no docket. */
export interface Conversion {
  readonly outcome: Outcome;
  readonly slow: SlowAnswers | null;
}

/** As `convert`, in steps that yield every few milliseconds. */
export function* convertSteps(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
): Steps<Conversion> {
  const work = workOf(recipe, request, kitchen);
  const planned = plan(work);
  if ('outcome' in planned) return { outcome: planned, slow: null };
  const { family, profile } = planned;
  const blend = yield* designBlend(family, routeFor(request), request, kitchen);
  const balanced = balance(work, family, profile, blend);
  if ('outcome' in balanced) return { outcome: balanced, slow: null };
  const main = mainPart(balanced, work.catalogue);
  const answer = yield* predictBake(
    {
      original: main.original,
      converted: main.lines,
      profile,
      facts: recipe.bake,
      pan: request.pan,
      oven: request.oven,
      ovenOffsetCelsius: kitchen.ovenOffsetCelsius,
    },
    work.catalogue,
  );
  const bake = toBake(answer, profile);
  return { outcome: assemble(work, family, profile, balanced, main, bake), slow: { blend, bake } };
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
  const allowed = new Set(allowedFlours(routeFor(request), request, kitchen));
  if (!earlier.blend.blends[0]?.shares.every(({ ingredient }) => allowed.has(ingredient))) return null;
  const balanced = balance(work, planned.family, planned.profile, earlier.blend);
  if ('outcome' in balanced) return balanced;
  const main = mainPart(balanced, work.catalogue);
  return assemble(work, planned.family, planned.profile, balanced, main, earlier.bake);
}

function assemble(
  work: Work,
  family: FamilyId,
  profile: Profile,
  balanced: Balanced,
  main: ConvertedPart,
  bake: DocketBake,
): Outcome {
  const { recipe, request, kitchen, catalogue } = work;
  const parts = balanced.converted.map((part) => toPart(part, work, balanced));
  const outgoing = outgoingLines(parts, recipe, catalogue);
  const guard = guardDocket(recipe, outgoing, request, kitchen);
  const breaches = breachesOf(outgoing, guard, request, catalogue);
  if (breaches.length > 0) {
    return none(
      work,
      'infeasible',
      breaches.map(({ name, why }) => `${name}: ${why}`),
      [
        ...new Set(
          breaches.map(
            ({ name, avoidance }) => `Leave out or replace “${name}” by hand, or let ${avoidance} in`,
          ),
        ),
      ],
    );
  }
  const ledger = liftLedger(main.lines, catalogue);
  const rest = restFor(balanced.blend.shares, profile, ledger.soda > 0 && ledger.powder === 0, catalogue);
  const method = writeMethod(recipe, editsFor(recipe.method, parts, profile), { parts, rest, bake, profile });
  const docket: Docket = {
    schema: 1,
    title: recipe.title || 'Untitled bake',
    family: {
      id: family,
      name: profile.name,
      confidence: settle(request.family ? 1 : recipe.family.confidence),
    },
    route: balanced.route,
    school: request.school,
    parts,
    otherBlends: balanced.others,
    shifts: balanced.converted.flatMap(({ shifts }) => shifts),
    method,
    guard,
    rest: { ...rest, uptake: settle(rest.uptake) },
    bake,
    warnings: [
      ...balanced.converted.flatMap(({ warnings }) => warnings),
      ...generalWarnings(work, family, recipe.family.confidence, balanced.blend, bake),
    ],
  };
  return { outcome: 'docket', docket };
}

/**
 * The one door: a recipe, what is asked of it and a household's snapshot, to a docket or to why there is none. Pure and
 * deterministic: the same input gives the same output on server, worker and command line.
 */
export const convert = (recipe: Recipe, request: ConversionRequest, kitchen: Kitchen): Outcome =>
  toEnd(convertSteps(recipe, request, kitchen)).outcome;
