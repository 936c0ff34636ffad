import { familyOf } from '../family';
import { bakeOf, halfWayUp, reachOf, type BakeQuestion, type SectionFrame } from '../heat';
import { USUAL_START, type ConversionRequest, type Kitchen, type PanSize, standsFree } from '../kitchen';
import type { Steps } from '../quantity';
import type { Recipe } from '../read';
import { toBake } from './bake';
import { bakeQuestion } from './bakeQuestion';
import { balance, convertSteps, ownBake, type SlowAnswers } from './convert';
import { emptyMemory, type Memory } from './memory';
import { plan, workOf, type Work } from './plan';
import type { RouteId } from '../vocabulary';
import type { DocketBake } from './types';

/** What the oven was asked about a conversion, with the blend that was found for it; null where it sees none, or there is no docket. */
function askedAgain(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
  { blend, bake }: SlowAnswers,
): { readonly question: BakeQuestion; readonly work: Work } | null {
  const work = workOf(recipe, request, kitchen);
  const planned = plan(work);
  if ('outcome' in planned || bake.ovenCelsius === null) return null;
  const balanced = balance(work, planned.family, blend);
  if ('outcome' in balanced) return null;
  const profile = familyOf(planned.family);
  return { question: bakeQuestion(balanced, profile, work), work };
}

/** The same bake under another condition. */
export interface OtherBake {
  readonly name: string;
  readonly bake: DocketBake;
}

const BY_CELSIUS = 10;
const A_MOUNTAIN = 1600;

/**
 * The bake of a conversion as it would be in an oven 10 °C hotter or cooler, with or without a fan, in glass, and on a mountain. Empty
 * where it sees no oven, or where there is no docket.
 */
export function* otherBakes(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
  slow: SlowAnswers,
): Steps<readonly OtherBake[]> {
  const asked = askedAgain(recipe, request, kitchen, slow);
  const { ovenCelsius: celsius, fan } = slow.bake;
  if (!asked || celsius === null) return [];
  const { question, work } = asked;
  const others: readonly (readonly [string, Partial<BakeQuestion>])[] = [
    [`${BY_CELSIUS} °C hotter`, { oven: { celsius: celsius + BY_CELSIUS, fan } }],
    [`${BY_CELSIUS} °C cooler`, { oven: { celsius: celsius - BY_CELSIUS, fan } }],
    [fan ? 'without the fan' : 'with the fan', { oven: { celsius, fan: !fan } }],
    ...(slow.bake.piece ? [] : [['in glass or ceramic', { made: 'glass or ceramic' }] as const]),
    ...(question.altitudeMetres < A_MOUNTAIN
      ? [[`at ${A_MOUNTAIN} m`, { altitudeMetres: A_MOUNTAIN }] as const]
      : []),
  ];
  const found: OtherBake[] = [];
  for (const [name, other] of others)
    found.push({
      name,
      bake: toBake(yield* bakeOf({ ...question, ...other }, work.catalogue), question, work),
    });
  return found;
}

/** What a bake may be held against: the wheat recipe in its own tin, another tin, another way to convert it. */
export type Beside =
  | { readonly kind: 'wheat' }
  | { readonly kind: 'pan'; readonly pan: PanSize }
  | { readonly kind: 'route'; readonly route: RouteId };

/** The bake to hold the conversion's own against; null where there is none. */
export function* bakeBeside(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
  slow: SlowAnswers,
  beside: Beside,
): Steps<DocketBake | null> {
  if (beside.kind === 'route') {
    const blend = { ...request.blend, route: beside.route, jar: null };
    const { outcome } = yield* convertSteps(recipe, { ...request, blend, pins: [] }, kitchen);
    return outcome.outcome === 'docket' ? outcome.docket.bake : null;
  }
  const asked = askedAgain(recipe, request, kitchen, slow);
  if (!asked) return null;
  const { question, work } = asked;
  const other: BakeQuestion =
    beside.kind === 'pan'
      ? { ...question, pan: beside.pan }
      : {
          ...question,
          converted: question.original,
          pan: null,
          oven: null,
          batches: 1,
          start: USUAL_START,
          temper: { offset: 0, doubt: 0 },
          altitudeMetres: 0,
          timed: null,
        };
  return toBake(yield* bakeOf(other, work.catalogue), other, work);
}

/** A section through the bake, minute by minute. */
export interface SectionView {
  /** From the middle to the wall, cm, and the tube of a ring; or to the rim of a piece. Null: a sheet to which nothing comes from the side. */
  readonly reach: { readonly fromCm: number; readonly toCm: number } | null;
  /** It has walls around it: it is in a tin. */
  readonly inTin: boolean;
  readonly frames: readonly SectionFrame[];
}

/**
 * What a section through the bake of a conversion looks like while it bakes; null where it sees no oven. With the memory of the
 * conversion it isn't simulated again.
 */
export function* sectionView(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
  slow: SlowAnswers,
  memory: Memory = emptyMemory(),
): Steps<SectionView | null> {
  const asked = askedAgain(recipe, request, kitchen, slow);
  if (!asked) return null;
  const { question, work } = asked;
  const { frames, pan, piece } = yield* ownBake(question, work, memory);
  const inTin = pan !== null && !standsFree(pan);
  const reach = inTin ? reachOf(halfWayUp(pan)) : piece ? { from: 0, to: piece.acrossCm / 200 } : null;
  return { reach: reach && { fromCm: 100 * reach.from, toCm: 100 * reach.to }, inTin, frames };
}
