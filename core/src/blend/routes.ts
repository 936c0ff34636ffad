import { getIngredient, type Catalogue } from '../catalogue';
import { familyOf } from '../family';
import type { ConversionRequest } from '../kitchen';
import type { FamilyId, RouteId } from '../vocabulary';
import type { Barred, RouteBarred } from './says';
import { ROUTE_TABLE } from './data/routes';

/** Wheat flour, and the water that it holds: g. */
export interface Wheat {
  readonly grams: number;
  readonly thirst: number;
}

/**
 * Which way from wheat to take: the one asked for; else, grain-free, the first of the family's that these people can go, or the
 * first of all.
 */
export function routeFor(request: ConversionRequest, family: FamilyId, catalogue: Catalogue): RouteId {
  const { diet, blend } = request;
  if (blend.route && !(diet === 'grain-free' && blend.route === 'grain-blend')) return blend.route;
  if (diet === 'gluten-free') return 'grain-blend';
  const ways = familyOf(family).ways.filter((route) => route !== 'grain-blend');
  return ways.find((route) => !routeBarredBecause(route, family, request, catalogue)) ?? ways[0]!;
}

/** Why a flour may not be used; undefined when it may. */
export function barredBecause(
  id: string,
  request: ConversionRequest,
  catalogue: Catalogue,
): Barred | undefined {
  const { grain, allergens, gluten } = getIngredient(catalogue, id);
  if (request.withoutFlours.includes(id)) return { code: 'left-out-by-hand', values: {} };
  if (
    request.diet === 'grain-free' &&
    (grain === 'grain' || (grain === 'pseudocereal' && !request.pseudocereals))
  )
    return { code: 'a-grain', values: {} };
  if (gluten === 'contains') return { code: 'has-gluten', values: {} };
  const what = allergens.find((one) => request.without.includes(one));
  return what && { code: 'avoided', values: { what } };
}

/** Why a family can't go by a route for these people; undefined when it can. */
export function routeBarredBecause(
  route: RouteId,
  family: FamilyId,
  request: ConversionRequest,
  catalogue: Catalogue,
): RouteBarred | undefined {
  const { leads, onEgg } = ROUTE_TABLE.rows[route];
  if (request.diet === 'grain-free' && route === 'grain-blend') return { code: 'made-of-grain', values: {} };
  if (!familyOf(family).ways.includes(route)) return { code: 'no-such-bake', values: { route } };
  if (leads.length === 0 || leads.some((id) => !barredBecause(id, request, catalogue))) {
    if (onEgg && request.without.includes('egg')) return { code: 'stands-on-egg', values: {} };
    return undefined;
  }
  const of = leads.flatMap((id) => {
    const why = barredBecause(id, request, catalogue);
    return why ? [{ name: getIngredient(catalogue, id).name, why }] : [];
  });
  return { code: 'lead-out', values: { of } };
}

/**
 * Grams of a route's blend that stand for some wheat flour: weight for weight by the route's factor, or as much as holds the
 * same water. Example: coconut flour (thirst 4.0) for 100 g wheat (0.75): 100 · 0.75 / 4 = 19 g.
 */
export function blendGrams(route: RouteId, wheat: Wheat, blendThirst: number): number {
  const { mass } = ROUTE_TABLE.rows[route];
  return mass.by === 'weight' ? wheat.grams * mass.factor : wheat.thirst / blendThirst;
}
