import type { DocketBake } from '../docket';
import type { BakeNotes } from '../kitchen';

/** What a docket foretold of its bake, as far as a real one is held against it. */
export type Foretold = Pick<DocketBake, 'minutes' | 'ovenCelsius' | 'stretch'>;

/** How a bake went beside what its docket foretold. */
export interface BakeComparison {
  /** Real over predicted minutes; null when either is missing. */
  readonly ratio: number | null;
  readonly window: 'inside' | 'sooner' | 'later' | 'not timed';
  /** By how much the dial stood above (+) the docket's oven, °C; null when it wasn't noted. */
  readonly ovenBy: number | null;
}

/** Compares what was noted of a bake with its docket. Example: 36 minutes for a predicted 34 (30–37) → 1.06, inside. */
export function compareBake({ minutes, ovenCelsius }: BakeNotes, predicted: Foretold): BakeComparison {
  const ovenBy =
    ovenCelsius === null || predicted.ovenCelsius === null ? null : ovenCelsius - predicted.ovenCelsius;
  if (minutes === null || !predicted.minutes) return { ratio: null, window: 'not timed', ovenBy };
  const { low, central, high } = predicted.minutes;
  const window = minutes < low ? 'sooner' : minutes > high ? 'later' : 'inside';
  return { ratio: minutes / central, window, ovenBy };
}
