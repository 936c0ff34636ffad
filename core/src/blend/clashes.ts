import { catalogueOf } from '../kitchen';
import { heldIn, type Asked } from './ask';
import { ROUTE_TABLE } from './data/routes';
import { hasTraits } from './properties';
import { barredBecause, routeBarredBecause } from './routes';
import type { Barred, Clash } from './says';
import { nameOf } from './shelf';

const PERCENT = 100;
/** Held shares may pass the whole by the rounding of their percents. */
const WHOLE = 1e-6;

/** Why nothing can be blended before anything is solved; empty where it can. */
export function clashes({ request, kitchen, family, route }: Asked): Clash[] {
  const catalogue = catalogueOf(kitchen);
  const way = routeBarredBecause(route, family, request, catalogue);
  if (way !== undefined) return [way];
  const { useUp } = request.blend;
  const { only } = ROUTE_TABLE.rows[route];
  if (useUp !== null && only.length > 0 && !only.includes(useUp) && catalogue.byId.has(useUp))
    return [{ code: 'no-place-in', values: { name: nameOf(useUp, catalogue), route } }];
  const barred = heldIn(request).flatMap((id): Clash[] => {
    if (!catalogue.byId.has(id)) return [{ code: 'not-in-kitchen', values: { id } }];
    const why: Barred | undefined = hasTraits(id, catalogue)
      ? barredBecause(id, request, catalogue)
      : { code: 'no-flour', values: {} };
    return why === undefined ? [] : [{ code: 'held-but-out', values: { name: nameOf(id, catalogue), why } }];
  });
  if (barred.length > 0) return barred;
  const total = request.pins.reduce((sum, { share }) => sum + share, 0);
  if (total > 1 + WHOLE)
    return [{ code: 'held-over-whole', values: { percent: Math.round(total * PERCENT) } }];
  if (request.blend.buy === 0 && (kitchen.cupboard ?? []).length === 0)
    return [{ code: 'nothing-to-blend', values: {} }];
  return [];
}
