import { catalogueOf } from '../kitchen';
import { heldIn, type Asked } from './ask';
import { ROUTE_TABLE } from './data/routes';
import { hasTraits } from './properties';
import { barredBecause, routeBarredBecause } from './routes';
import { nameOf } from './shelf';

const PERCENT = 100;
/** Held shares may pass the whole by the rounding of their percents. */
const WHOLE = 1e-6;

/** Why nothing can be blended before anything is solved; empty where it can. */
export function clashes({ request, kitchen, family, route }: Asked): string[] {
  const catalogue = catalogueOf(kitchen);
  const way = routeBarredBecause(route, family, request, catalogue);
  if (way !== undefined) return [way];
  const { useUp } = request.blend;
  const { only, name } = ROUTE_TABLE.rows[route];
  if (useUp !== null && only.length > 0 && !only.includes(useUp) && catalogue.byId.has(useUp))
    return [`${nameOf(useUp, catalogue)} is to be used up, but it has no place in a ${name} blend.`];
  const barred = heldIn(request).flatMap((id) => {
    if (!catalogue.byId.has(id)) return [`“${id}” is no longer in this kitchen.`];
    const why = hasTraits(id, catalogue) ? barredBecause(id, request, catalogue) : 'no flour for a blend';
    return why === undefined ? [] : [`${nameOf(id, catalogue)} is held by hand, but it is out: ${why}.`];
  });
  if (barred.length > 0) return barred;
  const total = request.pins.reduce((sum, { share }) => sum + share, 0);
  if (total > 1 + WHOLE)
    return [`The shares held by hand come to ${Math.round(total * PERCENT)} %, more than the whole blend.`];
  if (request.blend.buy === 0 && (kitchen.cupboard ?? []).length === 0)
    return ['Nothing is to be bought, and the cupboard has no flour written down.'];
  return [];
}
