export type { BandRow } from './data/bands';
export type { Profile } from './data/profiles';
export type { KindId } from './data/bands';
export { bandsOf, profileOf } from './families';
