export { openTrays, refusalOf, withBallot, type Refusal } from './ballots';
export { fromTastingCsv, toTastingCsv, TastingCsvError } from './csv';
export { clashesOf, holdsAsWritten, holdsOf, type Clash } from './holds';
export { reachOf, type Reach } from './panel';
export {
  justRightOf,
  likingOf,
  resultOf,
  type DifferenceResult,
  type JustRightResult,
  type PairedResult,
  type TastingResult,
} from './result';
export { blind, countedBallots, rightOf, SAMPLES_OF, servedTrays, TRAINED, TRAINING, traysOf } from './trays';
export { upcastTasting } from './upcast';
export {
  TASTE_TESTS,
  type Answer,
  type Ballot,
  type BlindTray,
  type Cup,
  type Holds,
  type Sample,
  type Taster,
  type TasteTest,
  type TastingDocument,
  type Tray,
} from './types';
export { type PairLiked, type RankedResult } from './ranked';
