import type { FamilyId, RouteId } from '../vocabulary';
import { BANDS, KIND_BANDS, ROUTE_BANDS, type BandRow, type KindId } from './data/bands';
import { LOOKS, type Looks } from './data/looks';
import { PROFILES, type Profile } from './data/profiles';

/** The bands in which a converted bake of this family stands; a route may have its own, and so may a kind. */
export function bandsOf(
  family: FamilyId,
  route: RouteId = 'grain-blend',
  kind: KindId | null = null,
): BandRow {
  const byRoute = ROUTE_BANDS[route]?.[family];
  return byRoute ?? { ...BANDS.rows[family], ...(kind ? KIND_BANDS[kind] : {}) };
}

/** What the engine knows of a family. */
export const profileOf = (family: FamilyId): Profile => PROFILES.rows[family];

/** What the bowl of a family should look like. */
export const looksOf = (family: FamilyId): Looks => LOOKS.rows[family];
