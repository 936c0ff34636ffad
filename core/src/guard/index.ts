export { MADE, NOT_NAMED } from './data/namedWords';
export { guardLines, guardRecipe } from './guard';
export { judgeLine } from './judgeLine';
export { judgeLabel, type LabelEntry, type LabelReport } from './label';
export { forLabels, labelOf } from './labelled';
export { namedByLaw, type ByLaw } from './lists';
export { guardMethod } from './method';
export { avoidedIn, namedFoods } from './named';
export { grainForbidden, HOUSE_PREFIX, questionOfMisread, questionOfNamed } from './questions';
export type {
  Caution,
  GuardReport,
  GuardState,
  LineGuard,
  MethodGuard,
  PersonGuard,
  Question,
  NotForEating,
  Settled,
  Standing,
} from './types';
export type { Ask, GuardSays, Reason } from './says';
