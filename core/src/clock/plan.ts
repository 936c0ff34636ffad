import type { Docket } from '../docket';
import { sayMinutes } from '../docket';
import { familyOf } from '../family';
import type { Serving } from '../kitchen';
import { momentOf, wallTime } from './zone';

/** One step of the bake day. */
export interface PlanStep {
  readonly id: 'soften' | 'mix' | 'rest' | 'preheat' | 'bake' | 'cool' | 'serve';
  readonly words: string;
  /** Moment it begins, ms since 1970, and on the clocks of the place. */
  readonly begins: number;
  readonly at: string;
  readonly minutes: number;
}

export interface Plan {
  readonly steps: readonly PlanStep[];
  /** When the first step begins. */
  readonly begins: number;
  /** Ms by which it is too late to begin, at the moment given; 0 when there is time. */
  readonly late: number;
}

const MINUTE_MS = 60_000;
/** Butter and eggs come to room temperature, an oven to its heat. Common practice. */
const SOFTEN_MINUTES = 60;
const PREHEAT_MINUTES = 20;

interface Task {
  readonly id: PlanStep['id'];
  readonly words: string;
  readonly minutes: number;
  /** It ends when this one begins, beside the others. */
  readonly before: PlanStep['id'];
}

/** The tasks of a docket, each with what it leads up to. The bake is given its whole window, so that it is ready in time. */
function tasksOf({ family, bake, rest, title }: Docket): Task[] {
  const profile = familyOf(family.id);
  const minutes = Math.ceil(bake.minutes?.high ?? 0);
  const first = bake.firstCheck === null ? '' : `; first look after ${Math.round(bake.firstCheck)} minutes`;
  const place = rest.cold ? 'Rest it in the cold' : `Let the ${profile.texture} rest`;
  return [
    { id: 'cool', words: 'Let it cool', minutes: bake.coolMinutes, before: 'serve' },
    { id: 'bake', words: `Bake ${title}${first}`, minutes, before: 'cool' },
    {
      id: 'rest',
      words: `${place} for ${sayMinutes(rest.minutes[0])}`,
      minutes: rest.minutes[0],
      before: 'bake',
    },
    {
      id: 'preheat',
      words: 'Heat the oven',
      minutes: bake.oven?.preheatMinutes ?? PREHEAT_MINUTES,
      before: 'bake',
    },
    {
      id: 'mix',
      words: profile.texture === 'dough' ? 'Make the dough' : 'Make the batter',
      minutes: profile.mixMinutes,
      before: 'rest',
    },
    ...(profile.warmStart
      ? [
          {
            id: 'soften' as const,
            words: 'Butter and eggs out of the cold',
            minutes: SOFTEN_MINUTES,
            before: 'mix' as const,
          },
        ]
      : []),
  ];
}

/**
 * The bake day, planned back from the moment it is to be on the table. Times are moments, shown on the clocks of the place,
 * so a night on which the clocks change doesn't move the bake. `now`: ms since 1970. Throws UnknownZoneError.
 */
export function planBake(docket: Docket, serving: Serving, now: number): Plan {
  const table = momentOf(serving);
  const begins = new Map<PlanStep['id'], number>([['serve', table]]);
  const step = (id: PlanStep['id'], words: string, moment: number, minutes: number): PlanStep => ({
    id,
    words,
    begins: moment,
    at: wallTime(moment, serving.zone),
    minutes,
  });
  const steps = [step('serve', 'On the table', table, 0)];
  for (const { id, words, minutes, before } of tasksOf(docket)) {
    const moment = begins.get(before)! - minutes * MINUTE_MS;
    begins.set(id, moment);
    // What goes on at once is no task.
    if (id !== 'rest' || minutes > 0) steps.push(step(id, words, moment, minutes));
  }
  const ordered = steps.sort((a, b) => a.begins - b.begins || a.minutes - b.minutes);
  const first = ordered[0]!.begins;
  return { steps: ordered, begins: first, late: Math.max(0, now - first) };
}
