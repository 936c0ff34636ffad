export { seenSum, sumOf, NOTHING, type Belief, type Sum } from './belief';
export { FOUR_OF_FIVE, PRIORS, SEEN } from './data/priors';
export { learn, learner, learntTime, type Learner, type Learning } from './learn';
export { timeSum } from './lessons';
export { learntAtHome } from './household';
export { loggedBake, type KeptBake, type LearntFrom } from './logged';
export { simulatedKitchen, trueFactor, type SimulatedKitchen, type Temper } from './simulated';
export {
  NOTHING_TAKEN,
  type BakeTopic,
  type Believed,
  type Learnt,
  type LoggedBake,
  type OfTime,
  type Refused,
  type Taken,
  type Taught,
  type ThirstShare,
  type Topic,
} from './types';
