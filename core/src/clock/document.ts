import { upcast, type Stored } from '../kitchen';
import type { DayRun } from './run';
import type { Asleep, Pin } from './types';

/** A recipe of the household that is baked on its day. */
export interface PlannedBake {
  readonly id: string;
  readonly recipe: string;
  /** On the table, `YYYY-MM-DDTHH:mm` on the day's clocks. */
  readonly at: string;
}

/** The household's bake day: what is baked, who helps, and how far it is. */
export interface DayDocument {
  readonly schema: 1;
  /** IANA name. */
  readonly zone: string;
  readonly bakes: readonly PlannedBake[];
  readonly hands: number;
  readonly mixers: number;
  /** Ids of the kitchen's ovens that are used; null: all of them. */
  readonly ovens: readonly string[] | null;
  readonly asleep: Asleep | null;
  readonly pins: readonly Pin[];
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
