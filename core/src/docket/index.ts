export { blendBench, moreBagFor, schoolsFor, type BlendBench } from './blendBench';
export { convert, convertSteps, quickDocket, type Conversion, type SlowAnswers } from './convert';
export { differencesOf, type Difference } from './differences';
export { isFolded } from './folded';
export { judge } from './judgement';
export { needsOf, type DocketNeeds } from './needs';
export { emptyMemory, type Memory } from './memory';
export { toJsonLd, type RecipeLinkedData } from './jsonld';
export {
  bakeBeside,
  otherBakes,
  sectionView,
  type Beside,
  type OtherBake,
  type SectionView,
} from './otherBakes';
export {
  headLines,
  headOf,
  headWarnings,
  makingLines,
  noteWarnings,
  openQuestions,
  type DocketHead,
} from './head';
export { placeWords } from './ovenWords';
export { sayDial, sayHeat, sayTin, systemOf, type MeasureSystem } from './system';
export { docketLineWords, saysAmount, SPOON_LEADS } from './lineWords';
export { toCsvList } from './csv';
export { toHtml } from './html';
export { toPlainText } from './plainText';
export { toMarkdown } from './markdown';
export { stepWords } from './stepWords';
export { sayDuration, sayMinutes, saySeconds, shortTime } from './sayMinutes';
export type {
  Docket,
  DocketAsk,
  DocketBake,
  DocketBowl,
  DocketGuard,
  DocketLine,
  DocketPart,
  DocketShift,
  DocketStage,
  DocketStep,
  DocketTin,
  Judgement,
  NoDocket,
  Outcome,
} from './types';
export { threadsOf, type Thread, type ThreadEnd, type Threads } from './threads';
export { trialOf, type TrialAsk } from './trial';
export { takeWay, waysFor, type Way, type WayAsk } from './ways';
export { upcastDocket } from './upcast';
