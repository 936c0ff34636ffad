export { causesOf, changesIn, expectedOf, readChange, type Change, type Expected } from './changes';
export { CAUSE_IDS, CAUSES, type CauseId, type CauseRow, type CauseTest } from './data/causes';
export { ASPECTS, CHANGES, type Aspect, type ChangeKind, type Direction } from './data/changes';
export { NOTHING_KNOWN, type Changed, type Facts, type Led, type Level } from './facts';
export { blendedPart, factsOf, mainPart, NOTHING_ASKED, type AskedBeside } from './fromBake';
export { readSeen, type SeenWords } from './seen';
export {
  cheapestTest,
  correctionsFrom,
  diagnose,
  type Corrections,
  type Diagnosis,
  type RankedCause,
  type Verdict,
} from './why';
