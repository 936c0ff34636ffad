export type { Told } from './told';
export { actionsOf } from './actions';
export { firstFew } from './firstFew';
export { heatsOf, readProcess, type Process } from './process';
export { heats } from './stages';
export { saysSize } from './sizes';
export { dishIn } from './tins';
export { linesMeant } from './meant';
export { broughtIn, type BroughtIn } from './methodFoods';
export type { MethodFood } from './data/methodFoods';
export { bySentence } from './sentences';
export { shows } from './signs';
export type { Sign } from './data/signs';
export { calledOf, linesNamedIn } from './called';
export { AT_BOWL, WAITS, type ActionClass } from './data/verbs';
export type {
  Action,
  BakeFacts,
  FamilyGuess,
  Medium,
  Minutes,
  Mixture,
  PartFamily,
  Stage,
  Take,
} from './types';
