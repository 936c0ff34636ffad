import { UnknownZoneError, wallTime, type Asleep } from '@omniarton/core/clock';
import type { Serving } from '@omniarton/core/kitchen';
import { UsageError } from './usageError';

/** What is asked of a day. */
export interface DayOptions {
  readonly serving: Serving;
  /** Null: those of the kitchen, else one. */
  readonly ovens: number | null;
  readonly hands: number;
  /** Dishes that the fridge takes at once; null: as many as come. */
  readonly fridge: number | null;
  readonly now: string | null;
  readonly asleep: Asleep | null;
}

const CLOCK = /^(?:[01]\d|2[0-3]):[0-5]\d$/;
const MOMENT = /^\d{4}-(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\d|3[01])T(?:[01]\d|2[0-3]):[0-5]\d$/;

function moment(option: string, value: string): string {
  if (!MOMENT.test(value))
    throw new UsageError(`--${option}: "${value}" is no moment such as 2027-06-19T15:30`);
  return value;
}

function nightOf(value: string): Asleep {
  const [from, to, ...more] = value.split('-');
  if (!from || !to || more.length > 0 || !CLOCK.test(from) || !CLOCK.test(to))
    throw new UsageError(`--asleep: "${value}" is no time such as 22:30-07:00`);
  return { from, to };
}

/** What a person asked of a day, out of the words behind the command. */
export function dayOptions(
  {
    serve,
    zone,
    now,
    asleep,
  }: { readonly serve?: string; readonly zone?: string; readonly now?: string; readonly asleep?: string },
  { ovens, hands, fridge }: Pick<DayOptions, 'ovens' | 'hands' | 'fridge'>,
): DayOptions {
  if (serve === undefined) throw new UsageError('plan: --serve is wanted, as in --serve 2027-06-19T15:30');
  const place = zone ?? 'UTC';
  try {
    wallTime(0, place);
  } catch (error) {
    if (error instanceof UnknownZoneError) throw new UsageError(`--zone: ${error.message}`);
    throw error;
  }
  return {
    serving: { at: moment('serve', serve), zone: place },
    ovens,
    hands,
    fridge,
    now: now === undefined ? null : moment('now', now),
    asleep: asleep === undefined ? null : nightOf(asleep),
  };
}
