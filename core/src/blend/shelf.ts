import { getIngredient, type Catalogue } from '../catalogue';
import { bandsOf } from '../family';
import { HOUSE_PREFIX } from '../guard';
import { catalogueOf, type ConversionRequest, type Kitchen } from '../kitchen';
import type { FamilyId, RouteId } from '../vocabulary';
import { ROUTE_TABLE } from './data/routes';
import { LEAST_SHARE } from './data/scales';
import { hasTraits, traitsOf } from './properties';
import type { GroupLimit } from './question';
import { barredBecause } from './routes';
import type { Cap } from './says';

/** Grams of a flour in the cupboard; undefined where nothing is written down of it. */
export const onHand = (id: string, { cupboard }: Kitchen): number | undefined =>
  cupboard?.find(({ ingredient }) => ingredient === id)?.grams;

/** The most of a flour by this route in this family, before any cupboard. */
function usualCap(id: string, route: RouteId, family: FamilyId, catalogue: Catalogue): number {
  const inFamily = catalogue.byId.get(id)?.flour?.most[family];
  return ROUTE_TABLE.rows[route].caps[id] ?? inFamily ?? traitsOf(id, catalogue).cap;
}

/** Flours of most kitchens that bake without gluten: what a blend is made from when nothing is said of the cupboard. */
export const usualShelf = (catalogue: Catalogue): string[] =>
  catalogue.all.filter(({ flour }) => flour?.usual).map(({ id }) => id);

/** The flours that a blend of this route may be made from, for these people and this cupboard. */
export function allowedFlours(
  route: RouteId,
  family: FamilyId,
  request: ConversionRequest,
  kitchen: Kitchen,
): string[] {
  const catalogue = catalogueOf(kitchen);
  const { only } = ROUTE_TABLE.rows[route];
  const shop = request.blend.buy === 0 ? [] : only.length > 0 ? only : usualShelf(catalogue);
  const cupboard = (kitchen.cupboard ?? [])
    .filter(({ grams }) => grams > 0)
    .map(({ ingredient }) => ingredient)
    .filter((id) => catalogue.byId.has(id) && hasTraits(id, catalogue))
    .filter((id) => only.length === 0 || only.includes(id))
    // A jar is mixed into a blend only to finish what is there: where anything may be bought its flours say more.
    .filter((id) => request.blend.buy !== null || !id.startsWith(HOUSE_PREFIX));
  return [...new Set([...shop, ...cupboard])]
    .filter((id) => !barredBecause(id, request, catalogue) && usualCap(id, route, family, catalogue) > 0)
    .sort();
}

/** The most of each flour, why, and which of them would have to be bought. */
export interface Shelf {
  readonly caps: Readonly<Record<string, number>>;
  readonly whyCap: Readonly<Record<string, Cap>>;
  readonly bought: readonly string[];
}

/**
 * How much of each flour there may be. Where bags to buy are counted, a flour on hand goes no further than its bags, and one
 * that isn't, or of which too little is left to be worth opening, has to be bought. `grams`: of the whole blend, null where
 * nobody knows.
 */
export function shelfOf(
  flours: readonly string[],
  route: RouteId,
  family: FamilyId,
  request: ConversionRequest,
  kitchen: Kitchen,
  grams: number | null,
): Shelf {
  const catalogue = catalogueOf(kitchen);
  const caps: Record<string, number> = {};
  const whyCap: Record<string, Cap> = {};
  const bought: string[] = [];
  for (const id of flours) {
    const usual = usualCap(id, route, family, catalogue);
    const there = onHand(id, kitchen);
    const share = there === undefined ? 0 : grams === null ? 1 : there / grams;
    const counts = request.blend.buy !== null;
    if (share < LEAST_SHARE) bought.push(id);
    const short = counts && share >= LEAST_SHARE && share < usual;
    caps[id] = short ? share : usual;
    whyCap[id] = short ? { code: 'all-in-cupboard', values: {} } : { code: 'most-for', values: { family } };
  }
  return { caps, whyCap, bought };
}

const LEGUMES_MOST = 0.25;
/** Ways that are of starch by design. */
const OF_STARCH: ReadonlySet<RouteId> = new Set<RouteId>(['starch-chocolate', 'starch-led']);

/** What flours of one kind may come to together. */
export function groupsOf(
  flours: readonly string[],
  route: RouteId,
  family: FamilyId,
  catalogue: Catalogue,
): GroupLimit[] {
  const starches = flours.filter((id) => traitsOf(id, catalogue).pureStarch);
  const legumes = flours.filter((id) => traitsOf(id, catalogue).class === 'legume');
  const [, mostStarch] = OF_STARCH.has(route) ? [0, 1] : bandsOf(family, route).starch;
  return [
    { name: 'starches' as const, members: starches, most: mostStarch },
    { name: 'legumes' as const, members: legumes, most: LEGUMES_MOST },
  ].filter(({ members }) => members.length > 0);
}

export const nameOf = (id: string, catalogue: Catalogue): string => getIngredient(catalogue, id).name;
