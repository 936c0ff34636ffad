import { dayLater, momentOf, wallTime } from './zone';
import { CLEAN_DOWN_MINUTES, OVEN_DOOR } from './data/hands';
import { OVEN_HABITS } from './data/ovens';
import { blockMinutes, heatsOfDocket, sharedHeats, tasksOf } from './tasks';
import { TABLE, type DayAsk, type Link, type Load, type Work } from './types';

export const MINUTE_MS = 60_000;
const DAY_MINUTES = 24 * 60;
/** How far back from the table a plan may reach where nobody says from when. */
const REACH = 2.5 * DAY_MINUTES;
/** What is washed down for nobody may still wait so long after the table. */
const AFTER_TABLE = 120;

/** One thing to be placed, in whole minutes from its begin. */
export interface Item {
  readonly task: Work | Load;
  /** Place of its bake in the day. */
  readonly bake: number;
  readonly length: number;
  /** When hands are on it. */
  readonly hands: readonly { readonly offset: number; readonly length: number }[];
  readonly load: Load | null;
  readonly mixer: boolean;
  /** Earliest and latest begin, by the table and by pins alone. */
  readonly low: number;
  readonly high: number;
}

/** One begins at least, and at most, so long after the other begins. */
export interface Gap {
  readonly from: number;
  readonly to: number;
  readonly least: number;
  readonly most: number | null;
}

/** Two bakes that mustn't meet at the bench: all work of the one first, or it, its clean-down, and then the other. */
export interface Apart {
  /** The last work of the clean one, and the first of the other. */
  readonly clean: { readonly first: number; readonly last: number };
  readonly other: { readonly first: number; readonly down: number };
}

/** A day as numbers: whole minutes from `base`. */
export interface DayProblem {
  readonly ask: DayAsk;
  /** Of the axis, ms since 1970. */
  readonly base: number;
  readonly horizon: number;
  readonly items: readonly Item[];
  readonly gaps: readonly Gap[];
  readonly apart: readonly Apart[];
  /** When nobody is awake. */
  readonly asleep: readonly (readonly [from: number, to: number])[];
  /** The last time that anybody gets up before the table; null: nobody sleeps. */
  readonly wake: number | null;
  readonly links: readonly Link[];
  /** Of the slowest oven, minutes: an oven is switched on so long before what comes in first. */
  readonly preheat: number;
}

/** From one heat to another, minutes. */
export const turning = (from: number, to: number): number =>
  Math.ceil(to > from ? (to - from) / OVEN_HABITS.warms : (from - to) / OVEN_HABITS.cools);

const itemOf = (task: Work | Load, bake: number, low: number, high: number): Item =>
  task.kind === 'bake'
    ? {
        task,
        bake,
        length: blockMinutes(task.minutes),
        hands: [
          { offset: 0, length: OVEN_DOOR.load },
          { offset: OVEN_DOOR.load + task.minutes, length: OVEN_DOOR.unload },
        ],
        load: task,
        mixer: false,
        low,
        high,
      }
    : {
        task,
        bake,
        length: task.minutes,
        hands: [{ offset: 0, length: task.minutes }],
        load: null,
        mixer: task.mixer,
        low,
        high,
      };

/** Nights within a stretch of time, in minutes from its begin. */
function nights({ asleep, bakes }: DayAsk, base: number, horizon: number): (readonly [number, number])[] {
  const zone = bakes[0]?.serving.zone;
  if (!asleep || zone === undefined || asleep.from === asleep.to) return [];
  const today = wallTime(base, zone).slice(0, 10);
  const minuteOf = (day: number, clock: string) =>
    Math.round((momentOf({ at: `${dayLater(today, day)}T${clock}`, zone }) - base) / MINUTE_MS);
  const days = Array.from({ length: Math.ceil(horizon / DAY_MINUTES) + 2 }, (_, day) => day - 1);
  return days
    .map(
      (day) =>
        [minuteOf(day, asleep.from), minuteOf(day + (asleep.to < asleep.from ? 1 : 0), asleep.to)] as const,
    )
    .filter(([from, to]) => to > 0 && from < horizon);
}

/** Whether what one is made of is avoided at the other's table. */
function soils(other: DayAsk['bakes'][number], clean: DayAsk['bakes'][number]): boolean {
  const avoided = new Set<string>(clean.docket.guard.without);
  return other.docket.guard.lines.some(({ allergens }) => allergens.some((one) => avoided.has(one)));
}

function cleanDowns(ask: DayAsk, items: Item[], gaps: Gap[], horizon: number): Apart[] {
  const worksOf = (bake: number) =>
    items.flatMap((one, at) =>
      one.bake === bake && (one.task.kind === 'mix' || one.task.kind === 'shape') ? [at] : [],
    );
  const downs = new Map<number, number>();
  const downOf = (bake: number): number => {
    const known = downs.get(bake);
    if (known !== undefined) return known;
    const last = worksOf(bake).at(-1)!;
    const { title } = ask.bakes[bake]!.docket;
    const task: Work = {
      id: `${ask.bakes[bake]!.id}.clean`,
      bake: ask.bakes[bake]!.id,
      kind: 'clean',
      what: { code: 'clean-down', values: { title } },
      steps: [],
      minutes: CLEAN_DOWN_MINUTES,
      mixer: false,
    };
    const at = items.push({ ...itemOf(task, bake, 0, horizon), bake }) - 1;
    gaps.push({ from: last, to: at, least: items[last]!.length, most: null });
    downs.set(bake, at);
    return at;
  };
  return ask.bakes.flatMap((clean, a) =>
    ask.bakes.flatMap((other, b): Apart[] => {
      const [mine, theirs] = [worksOf(a), worksOf(b)];
      if (a === b || mine.length === 0 || theirs.length === 0 || !soils(other, clean)) return [];
      return [
        { clean: { first: mine[0]!, last: mine.at(-1)! }, other: { first: theirs[0]!, down: downOf(b) } },
      ];
    }),
  );
}

/** The day that is asked for, in numbers. Throws UnknownZoneError. */
export function problemOf(ask: DayAsk): DayProblem {
  const tables = ask.bakes.map(({ serving }) => Math.floor(momentOf(serving) / MINUTE_MS));
  const first = ask.now === null ? Math.min(...tables) - REACH : Math.ceil(ask.now / MINUTE_MS);
  const horizon = Math.max(...tables) - first;
  const celsius = sharedHeats(ask.bakes.flatMap(({ docket }) => heatsOfDocket(docket)));
  const racks = Math.min(...ask.ovens.map((one) => one.racks));
  const items: Item[] = [];
  const gaps: Gap[] = [];
  const links: Link[] = [];
  ask.bakes.forEach(({ id, docket }, bake) => {
    const asked = tasksOf(id, docket, { racks, celsius });
    const table = tables[bake]! - first;
    const from = items.length;
    const all = [...asked.work, ...asked.loads];
    for (const task of all) {
      const ends = asked.links.filter((one) => one.from === task.id && one.to === TABLE);
      const length = task.kind === 'bake' ? blockMinutes(task.minutes) : task.minutes;
      const pin = ask.pins.find((one) => one.task === task.id);
      const held = pin && Math.round(pin.begins / MINUTE_MS) - first;
      const high = table - length - Math.max(0, ...ends.map(({ least }) => least));
      const low = Math.max(0, ...ends.flatMap(({ most }) => (most === null ? [] : [table - length - most])));
      items.push(itemOf(task, bake, held ?? low, held ?? high));
    }
    const at = (task: string) => from + all.findIndex((one) => one.id === task);
    for (const link of asked.links) {
      links.push(link);
      if (link.to === TABLE) continue;
      const begin = at(link.from);
      const length = items[begin]!.length;
      gaps.push({
        from: begin,
        to: at(link.to),
        least: length + link.least,
        most: link.most === null ? null : length + link.most,
      });
    }
  });
  const apart = cleanDowns(ask, items, gaps, horizon + AFTER_TABLE);
  const asleep = nights(ask, first * MINUTE_MS, horizon);
  const wakes = asleep.map(([, to]) => to).filter((to) => to > 0 && to < horizon);
  return {
    ask,
    base: first * MINUTE_MS,
    horizon,
    items,
    gaps,
    apart,
    asleep,
    wake: wakes.length > 0 ? Math.max(...wakes) : null,
    links,
    preheat: Math.max(0, ...ask.ovens.map((one) => one.preheatMinutes)),
  };
}
