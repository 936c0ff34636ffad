import { profileOf } from '../family';
import { bakeOf, OVEN, type BakeQuestion } from '../heat';
import type { ConversionRequest, Kitchen } from '../kitchen';
import type { Steps } from '../quantity';
import type { Recipe } from '../read';
import { toBake } from './assemble';
import { bakeQuestion } from './bakeQuestion';
import { balance, type SlowAnswers } from './convert';
import { plan, workOf } from './plan';
import type { DocketBake } from './types';

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
  { blend, bake }: SlowAnswers,
): Steps<readonly OtherBake[]> {
  const work = workOf(recipe, request, kitchen);
  const planned = plan(work);
  if ('outcome' in planned || bake.ovenCelsius === null) return [];
  const balanced = balance(work, planned.family, blend);
  if ('outcome' in balanced) return [];
  const profile = profileOf(planned.family);
  const question = bakeQuestion(balanced, profile, recipe.bake, work);
  const { ovenCelsius: celsius, fan } = bake;
  const others: readonly (readonly [string, Partial<BakeQuestion>])[] = [
    [`${BY_CELSIUS} °C hotter`, { oven: { celsius: celsius + BY_CELSIUS, fan } }],
    [`${BY_CELSIUS} °C cooler`, { oven: { celsius: celsius - BY_CELSIUS, fan } }],
    [fan ? 'without the fan' : 'with the fan', { oven: { celsius, fan: !fan } }],
    ['in glass or ceramic', { wall: OVEN.glass }],
    ...(question.altitudeMetres < A_MOUNTAIN
      ? [[`at ${A_MOUNTAIN} m`, { altitudeMetres: A_MOUNTAIN }] as const]
      : []),
  ];
  const found: OtherBake[] = [];
  for (const [name, other] of others)
    found.push({ name, bake: toBake(yield* bakeOf({ ...question, ...other }, work.catalogue), profile) });
  return found;
}
