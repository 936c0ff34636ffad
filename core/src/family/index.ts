export type { BandRow } from './data/bands';
export type { Profile } from './data/profiles';
export { COVERED_FAMILIES, bandsOf, describeFamily, findProfile, getProfile } from './families';
