export { planTrial, type TriedFlour } from './blend';
export { trialMarks, type MarkedBake } from './marks';
export { planProcessTrial } from './process';
export { trialResult, type Effect, type Foreseen, type TrialMarks, type TrialResult } from './result';
export { TRIAL_BAKES } from './runs';
