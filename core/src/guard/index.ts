export { guardLines, guardRecipe } from './guard';
export { judgeLine } from './judge';
export { grainForbidden } from './questions';
export type { Caution, GuardReport, GuardState, LineGuard, Question, QuestionKind } from './types';
