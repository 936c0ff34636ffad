export { bandsOf, familyOf, profileOf } from './families';
export { FAMILY_RECORDS } from './data';
export type { BandRow, EggJob, FamilyRecord, KindId, KindSign, Looks, Profile } from './types';
