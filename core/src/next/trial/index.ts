export {
  blendOfRun,
  planTrial,
  trialResult,
  TRIAL_BAKES,
  type FlourShare,
  type Foreseen,
  type TrialMarks,
  type TrialResult,
} from './trial';
