export {
  hasScores,
  LINKS,
  mosteller,
  pairedScale,
  worths,
  type PairedScale,
  type ScaleLink,
  type Wins,
} from './pairedScale';
export {
  atLeast,
  moreThan,
  moreThanExact,
  overHalf,
  overHalfExact,
  preference,
  type Beta,
  type Preference,
} from './posterior';
export { sequentialLines, stopsAt, type SequentialLines } from './sequential';
export { leastFor, looking, willBe, willBeExact, type Looking } from './stopping';
