import type { MarkScale } from '../vocabulary';

/** Variants that are thought out: their changes by name, and what codes and order are made from. */
export interface PlannedStudy {
  readonly changes: readonly string[];
  readonly seed: number;
}

/** One half batch of a designed trial: its code, and where it stands among the others. */
export interface TrialRun {
  readonly code: string;
  /** Of a blend the shares of the flours that are tried, among themselves; of a process each factor from −1 to 1. */
  readonly at: readonly number[];
}

interface Planned {
  /** What it is judged by. */
  readonly mark: MarkScale;
  readonly seed: number;
  /** In the order in which they are baked. */
  readonly runs: readonly TrialRun[];
}

/** A designed trial of some flours of the blend. */
export interface BlendTrial extends Planned {
  readonly kind: 'blend';
  readonly flours: readonly string[];
  /** The rest of the blend, which stays as it is: shares of the whole. */
  readonly held: readonly { readonly ingredient: string; readonly share: number }[];
  readonly lower: readonly number[];
  readonly upper: readonly number[];
}

/** What of a process can be tried: binder and liquid as tilts of what their balances ask for, the rest in minutes. */
export const TRIAL_FACTORS = ['binder', 'liquid', 'rest'] as const;
export type TrialFactorId = (typeof TRIAL_FACTORS)[number];

/** A factor of a process between two settings; half way is as it is baked now. */
export interface TrialFactor {
  readonly id: TrialFactorId;
  readonly low: number;
  readonly high: number;
}

/** A designed trial of how it is made. */
export interface ProcessTrial extends Planned {
  readonly kind: 'process';
  readonly factors: readonly TrialFactor[];
}

export type PlannedTrial = BlendTrial | ProcessTrial;
