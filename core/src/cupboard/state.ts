import { addWeeks, differenceInCalendarDays, formatISO, parseISO } from 'date-fns';
import { keepsWeeks } from '../blend';
import type { Catalogue } from '../catalogue';
import type { BagOnHand } from '../kitchen';

/** How a bag stands: whether little is left, and until when it keeps. */
export interface BagState {
  readonly low: boolean;
  /** The day until which it keeps: its best-before day, or, once opened, the sooner of that and what such a flour keeps. */
  readonly until: string | null;
  readonly because: 'best before' | 'opened' | null;
  readonly age: 'fresh' | 'soon' | 'stale';
}

/** Less than this is too little for most batches; of what is sold in small packs, less than this share of one. Common practice. */
const LOW_GRAMS = 120;
const LOW_SHARE = 0.2;
const SOON_DAYS = 14;

/** Weeks that an opened bag keeps where it stands; undefined for what isn't known. */
function weeksOf({ bag: { ingredient, place } }: BagOnHand, catalogue: Catalogue): number | undefined {
  const flour = catalogue.byId.get(ingredient)?.flour;
  if (place === 'cold' && flour) return flour.weeks[1];
  return keepsWeeks(ingredient, catalogue);
}

/** Running low, going stale. Nut and whole-grain flours keep weeks once opened, starches years. `today`: `YYYY-MM-DD`. */
export function bagState(one: BagOnHand, today: string, catalogue: Catalogue): BagState {
  const { opened, bestBefore, packGrams } = one.bag;
  const weeks = opened === null ? undefined : weeksOf(one, catalogue);
  const openedUntil =
    opened === null || weeks === undefined
      ? null
      : formatISO(addWeeks(parseISO(opened), weeks), { representation: 'date' });
  const days = [openedUntil, bestBefore].filter((day) => day !== null).sort();
  const until = days[0] ?? null;
  const left = until === null ? Infinity : differenceInCalendarDays(parseISO(until), parseISO(today));
  const least = Math.min(LOW_GRAMS, packGrams === null ? LOW_GRAMS : LOW_SHARE * packGrams);
  return {
    low: one.grams > 0 && one.grams < least,
    until,
    because: until === null ? null : until === bestBefore ? 'best before' : 'opened',
    age: left < 0 ? 'stale' : left <= SOON_DAYS ? 'soon' : 'fresh',
  };
}
