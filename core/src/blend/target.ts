import type { Catalogue } from '../catalogue';
import { familyOf } from '../family';
import type { Aim, FamilyId, RouteId } from '../vocabulary';
import { AIM_SHIFTS } from './data/aims';
import { ROUTE_TABLE } from './data/routes';
import { mix } from './properties';
import { PROPERTIES, type Property, type PropertyVector } from './vector';

const MOST: Readonly<Partial<Record<Property, number>>> = { starch: 1, fat: 100, thirst: 10 };
const MOST_SCORE = 10;

/** What such a bake is usually made of by a route, shares. */
export const usualShares = (route: RouteId, family: FamilyId): Record<string, number> =>
  Object.fromEntries(
    Object.entries(familyOf(family).blends[route] ?? ROUTE_TABLE.rows[route].usual).map(([id, percent]) => [
      id,
      percent / 100,
    ]),
  );

/**
 * What a blend is aimed at: the family's reference blend by this route, never tasting or gritting more than the route lets
 * it, and shifted by what is wished.
 */
export function targetOf(
  route: RouteId,
  family: FamilyId,
  aims: readonly Aim[],
  catalogue: Catalogue,
): PropertyVector {
  const { flavour, grit, ...way } = ROUTE_TABLE.rows[route];
  const usual = mix(familyOf(family).blends[route] ?? way.usual, catalogue);
  const target: Record<Property, number> = {
    ...usual,
    flavour: Math.min(usual.flavour, flavour),
    grit: Math.min(usual.grit, grit),
  };
  for (const { add, atMost, upTo } of aims.map((aim) => AIM_SHIFTS[aim]))
    for (const property of PROPERTIES) {
      const shifted = Math.max(target[property] + (add[property] ?? 0), upTo[property] ?? -Infinity);
      const most = Math.min(atMost[property] ?? Infinity, MOST[property] ?? MOST_SCORE);
      target[property] = Math.max(0, Math.min(shifted, most));
    }
  return target;
}
