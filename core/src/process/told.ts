import type { Duration, Setting } from '../read';
import type { Action } from './types';

/** An action with all that is said of it. */
export interface Told extends Omit<Action, 'takes' | 'mixtures' | 'makes'> {
  readonly durations: readonly Duration[];
  readonly settings: readonly Setting[];
}
