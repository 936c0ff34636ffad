import { MissingRowError, type FamilyId, type RouteId } from '../vocabulary';
import { BANDS, ROUTE_BANDS, type BandRow } from './data/bands';
import { PROFILES, UNCOVERED, type Profile } from './data/profiles';

/** The bands in which a converted bake of this family stands; a route may have its own. */
export function bandsOf(family: FamilyId, route: RouteId = 'grain-blend'): BandRow {
  return ROUTE_BANDS[route]?.[family] ?? BANDS.rows[family];
}

/** What the engine knows of a family; undefined when it can't convert it yet. */
export const findProfile = (family: FamilyId): Profile | undefined => PROFILES.rows[family];

export function getProfile(family: FamilyId): Profile {
  const profile = findProfile(family);
  if (!profile) throw new MissingRowError('families', family);
  return profile;
}

/** The words for a family, and for one that isn't covered the nearest that is. */
export function describeFamily(family: FamilyId): { readonly name: string; readonly nearest?: FamilyId } {
  const covered = findProfile(family);
  if (covered) return { name: covered.name };
  const other = UNCOVERED[family];
  if (!other) throw new MissingRowError('families', family);
  return other;
}

export const COVERED_FAMILIES = Object.keys(PROFILES.rows) as readonly FamilyId[];
