import { HOUSE_PREFIX } from '../guard';
import { catalogueOf, type ConversionRequest, type Kitchen } from '../kitchen';
import type { FamilyId } from '../vocabulary';
import type { Blend } from './blend';
import { routeFor } from './routes';
import { allowedFlours } from './shelf';

/** Whether a blend that was found for an earlier question may still be used while this one is worked on. */
export function stillFits(
  { shares }: Blend,
  family: FamilyId,
  request: ConversionRequest,
  kitchen: Kitchen,
): boolean {
  const { jar } = request.blend;
  if (jar !== null) return shares[0]?.ingredient === `${HOUSE_PREFIX}${jar}`;
  const allowed = new Set([
    ...allowedFlours(routeFor(request, family, catalogueOf(kitchen)), family, request, kitchen),
    ...request.pins.map(({ ingredient }) => ingredient),
  ]);
  return shares.every(({ ingredient }) => allowed.has(ingredient));
}
