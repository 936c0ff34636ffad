import { emptyNotes, type BakeNotes } from '../../kitchen';
import type { LoggedBake } from './types';

/** A loaf in the small oven's loaf tin, as foretold, but for what is told of it. Used by tests alone. */
export const loggedLoaf = (
  id: string,
  on: string,
  part: Partial<BakeNotes> = {},
  more: Partial<LoggedBake> = {},
): LoggedBake => ({
  id,
  recipe: 'r',
  title: 'a loaf',
  notes: { ...emptyNotes(on), ovenCelsius: 175, ...part },
  foretold: { minutes: { low: 45, central: 50, high: 55 }, ovenCelsius: 175, stretch: 1 },
  learntFactor: 1,
  kept: [],
  justRight: {},
  family: 'loaf',
  oven: 'small',
  tin: 'loaf',
  doneCelsius: 97,
  thirstGrams: 260,
  flours: [],
  binder: 0.7,
  imported: false,
  ...more,
});
