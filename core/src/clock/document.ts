import { upcast, type Stored } from '../kitchen';
import type { DayRun } from './run';
import type { DaySetup } from './types';

/** The household's bake day: what is baked, who helps, and how far it is. */
export interface DayDocument extends DaySetup {
  readonly schema: 1;
  /** Null: nothing is under way. */
  readonly run: DayRun | null;
}

export const EMPTY_DAY: DayDocument = {
  schema: 1,
  zone: 'UTC',
  bakes: [],
  hands: 1,
  mixers: 1,
  ovens: null,
  asleep: { from: '22:30', to: '07:00' },
  pins: [],
  run: null,
};

const CURRENT = 1;

/** A stored day of whatever version. Throws UnreadableDocumentError. */
export const upcastDay = <Day = Stored>(stored: object): Day => upcast<Day>(stored, {}, CURRENT);
