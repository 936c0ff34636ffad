export type { BandRow } from './data/bands';
export type { Looks } from './data/looks';
export type { Profile } from './data/profiles';
export type { KindId } from './data/bands';
export { bandsOf, looksOf, profileOf } from './families';
