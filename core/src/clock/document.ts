import { upcast, type Stored } from '../kitchen';
import { timedWork, type DayRun, type TimedWork } from './run';
import type { DaySetup } from './types';
import { day1to2 } from './upcast/day1to2';

/** The household's bake day: what is baked, who helps, and how far it is. */
export interface DayDocument extends DaySetup {
  readonly schema: 2;
  /** Null: nothing is under way. */
  readonly run: DayRun | null;
  /** How long hands took on earlier days, the oldest first. */
  readonly timed: readonly TimedWork[];
}

export const EMPTY_DAY: DayDocument = {
  schema: 2,
  zone: 'UTC',
  bakes: [],
  hands: 1,
  mixers: 1,
  fridge: null,
  ovens: null,
  asleep: { from: '22:30', to: '07:00' },
  pins: [],
  run: null,
  timed: [],
};

const CURRENT = 2;
/** Work that is remembered: what is older tells less of today's hands. */
const REMEMBERED = 200;

/** A stored day of whatever version. Throws UnreadableDocumentError. */
export const upcastDay = <Day = Stored>(stored: object): Day => upcast<Day>(stored, { 1: day1to2 }, CURRENT);

/** A day whose run is put away: how long its work took is kept, once. */
export function putAway(day: DayDocument): DayDocument {
  const { run, timed } = day;
  if (!run) return day;
  const others = timed.filter((one) => one.run !== run.id);
  return { ...day, run: null, timed: [...others, ...timedWork(run)].slice(-REMEMBERED) };
}
