import { coolerFor, type ConvertedPart } from '../balance';
import type { Profile } from '../family';
import { OVEN, type BakeQuestion } from '../heat';
import type { OvenSetting } from '../kitchen';
import type { BakeFacts } from '../read';
import { mainPart, type Balanced } from './assemble';
import type { Work } from './plan';

/** What goes into the oven as one: the part with the most flour, or all parts of a bake that is filled before. */
function bakedParts(balanced: Balanced, profile: Profile, { catalogue }: Work): ConvertedPart[] {
  const weighed = balanced.converted.filter(({ lines }) => lines.length > 0);
  return profile.filledDepthCm === null ? [mainPart(balanced, catalogue)] : weighed;
}

/** The recipe's own lines of some parts, in the amount that its tin and time are of. */
const asWritten = (baked: readonly ConvertedPart[], { written }: Work) =>
  written.filter(({ id }) => baked.some((part) => part.id === id)).flatMap(({ lines }) => lines);

/** The recipe's own oven, as much cooler as what sweetens it wants; null where it is the same. */
function coolerOven(
  facts: BakeFacts | null,
  { usualOven, cooked }: Profile,
  baked: readonly ConvertedPart[],
): OvenSetting | null {
  const less =
    coolerFor(baked.flatMap(({ lines }) => lines)) - coolerFor(baked.flatMap(({ original }) => original));
  const own = facts?.ovenCelsius ?? null;
  if (less <= 0 || (own === null && cooked !== 'oven')) return null;
  return { celsius: (own ?? usualOven) - less, fan: facts?.fan ?? false };
}

/** What the oven is asked about a conversion. */
export function bakeQuestion(
  balanced: Balanced,
  profile: Profile,
  facts: BakeFacts | null,
  work: Work,
): BakeQuestion {
  const { request, kitchen } = work;
  const baked = bakedParts(balanced, profile, work);
  return {
    original: asWritten(baked, work),
    converted: baked.flatMap(({ lines }) => lines),
    filled: baked.length > 1,
    wall: OVEN.wall,
    profile,
    facts,
    pan: request.pan,
    oven: request.oven ?? coolerOven(facts, profile, baked),
    altitudeMetres: request.altitudeMetres,
    batches: request.scale?.factor ?? 1,
    ovenOffsetCelsius: kitchen.ovenOffsetCelsius,
  };
}
