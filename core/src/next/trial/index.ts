export { planTrial, type TriedFlour } from './blend';
export { wantingFor, withinCupboard, type WantingFlour } from './cupboard';
export { trialMarks, type MarkedBake } from './marks';
export { planProcessTrial } from './process';
export { trialResult, type Effect, type Foreseen, type TrialMarks, type TrialResult } from './result';
export { TRIAL_BAKES } from './runs';
