import type { FamilyId, RouteId } from '../vocabulary';
import { FAMILY_RECORDS } from './data';
import type { BandRow, FamilyRecord, KindId } from './types';

/** Everything that is known of a family. */
export const familyOf = (family: FamilyId): FamilyRecord => FAMILY_RECORDS[family];

/** What the engine must know of a bake: that of its family, and what is usual in its kind. */
export function profileOf(family: FamilyId, kind: KindId | null): FamilyRecord {
  const record = familyOf(family);
  return record.kind?.usual && record.kind.id === kind ? { ...record, ...record.kind.usual } : record;
}

/** The bands in which a converted bake of this family stands; a route may have its own, and so may a kind. */
export function bandsOf(
  family: FamilyId,
  route: RouteId = 'grain-blend',
  kind: KindId | null = null,
): BandRow {
  const { bands, bandsBy, kind: own } = familyOf(family);
  return bandsBy[route] ?? { ...bands, ...(own && own.id === kind ? own.bands : {}) };
}
