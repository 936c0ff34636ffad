import type { Learnt } from '@omniarton/core/next';

/** A bake that taught something, or might have. */
export interface LearningBake {
  readonly id: string;
  readonly recipe: string;
  readonly title: string;
  readonly on: string;
}

/** What a kitchen has learnt from its bakes. */
export interface LearningAnswer {
  readonly learnt: readonly Learnt[];
  readonly bakes: readonly LearningBake[];
}
