import { dayLater, MINUTE_MS, momentOf, wallTime } from './zone';
import { CLEAN_DOWN_MINUTES, OVEN_DOOR } from './data/hands';
import { OVEN_HABITS } from './data/ovens';
import { placesOf, type HoldOf, type Place } from './places';
import { blockMinutes, heatsOfDocket, sharedHeats, tasksOf } from './tasks';
import { TABLE, type DayAsk, type Link, type Load, type Pin, type Work } from './types';

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
  /** It has begun already. */
  readonly begun: boolean;
  /** Place of the oven that it stands in; null: any. */
  readonly oven: number | null;
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
  /** Tins and a fridge that could be too few, or too small. */
  readonly places: readonly Place[];
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

/** A task as an item, before anybody has pinned it. */
function itemOf(task: Work | Load, bake: number, low: number, high: number): Item {
  const free = { task, bake, low, high, begun: false, oven: null };
  if (task.kind !== 'bake')
    return {
      ...free,
      length: task.minutes,
      hands: [{ offset: 0, length: task.minutes }],
      load: null,
      mixer: task.mixer,
    };
  const out = OVEN_DOOR.load + task.minutes;
  const hands = [
    { offset: 0, length: OVEN_DOOR.load },
    { offset: out, length: OVEN_DOOR.unload },
  ];
  return { ...free, length: blockMinutes(task.minutes), hands, load: task, mixer: false };
}

/** An item that somebody holds where it is. What of it is over by minute `now` needs no hands. */
function pinned(
  item: Item,
  pin: Pin | undefined,
  { ask, first, now }: { readonly ask: DayAsk; readonly first: number; readonly now: number },
): Item {
  if (!pin) return item;
  const begin = Math.round(pin.begins / MINUTE_MS) - first;
  const place = ask.ovens.findIndex(({ id }) => id === pin.oven);
  const oven = place < 0 ? null : place;
  if (!pin.begun) return { ...item, low: Math.max(item.low, begin), high: Math.min(item.high, begin), oven };
  const minutes = pin.minutes ?? item.task.minutes;
  const { hands, length } = itemOf({ ...item.task, minutes }, item.bake, 0, 0);
  return {
    ...item,
    length,
    hands: hands.filter((one) => begin + one.offset + one.length > now && begin + one.offset >= now),
    low: begin,
    high: begin,
    begun: true,
    oven,
  };
}

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
  const avoided = new Set<string>(clean.keptOut);
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
      burst: null,
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
      // What is under way is no longer to be ordered.
      if (items[mine[0]!]!.begun || items[theirs[0]!]!.begun) return [];
      return [
        { clean: { first: mine[0]!, last: mine.at(-1)! }, other: { first: theirs[0]!, down: downOf(b) } },
      ];
    }),
  );
}

/** Where the axis begins, and where now is on it: what has begun lies before. Whole minutes since 1970. */
function axisOf(
  { now, pins }: DayAsk,
  tables: readonly number[],
): { readonly first: number; readonly now: number } {
  const reach = Math.min(...tables) - REACH;
  const from = now === null ? reach : Math.max(reach, Math.ceil(now / MINUTE_MS));
  const begun = pins.filter((one) => one.begun).map((one) => Math.round(one.begins / MINUTE_MS));
  const first = Math.min(from, ...begun);
  return { first, now: from - first };
}

/** What lies between two: from what has begun on, as long as it must; nothing more between two that have. */
function gapOf(link: Link, from: number, to: number, items: readonly Item[]): Gap[] {
  const [a, b] = [items[from]!, items[to]!];
  if (b.begun) return [];
  const most = link.most === null || a.begun ? null : a.length + link.most;
  return [{ from, to, least: a.length + link.least, most }];
}

/** The day that is asked for, in numbers. Throws UnknownZoneError. */
export function problemOf(ask: DayAsk): DayProblem {
  const tables = ask.bakes.map(({ serving }) => Math.floor(momentOf(serving) / MINUTE_MS));
  const { first, now } = axisOf(ask, tables);
  const horizon = Math.max(...tables) - first;
  const celsius = sharedHeats(ask.bakes.flatMap(({ docket }) => heatsOfDocket(docket)));
  const racks = Math.min(...ask.ovens.map((one) => one.racks));
  const items: Item[] = [];
  const gaps: Gap[] = [];
  const links: Link[] = [];
  const holds: HoldOf[] = [];
  ask.bakes.forEach(({ id, docket }, bake) => {
    const asked = tasksOf(id, docket, { racks, celsius, tins: ask.tins, pace: ask.pace });
    const table = tables[bake]! - first;
    const from = items.length;
    const all = [...asked.work, ...asked.loads];
    for (const task of all) {
      const ends = asked.links.filter((one) => one.from === task.id && one.to === TABLE);
      const length = task.kind === 'bake' ? blockMinutes(task.minutes) : task.minutes;
      const high = table - length - Math.max(0, ...ends.map(({ least }) => least));
      const low = Math.max(
        now,
        ...ends.flatMap(({ most }) => (most === null ? [] : [table - length - most])),
      );
      const pin = ask.pins.find((one) => one.task === task.id);
      items.push(pinned(itemOf(task, bake, low, high), pin, { ask, first, now }));
    }
    const at = (task: string) => from + all.findIndex((one) => one.id === task);
    for (const link of asked.links) {
      links.push(link);
      if (link.to !== TABLE) gaps.push(...gapOf(link, at(link.from), at(link.to), items));
    }
    for (const hold of asked.holds)
      holds.push({ hold, at, lengthOf: (task) => items[at(task)]!.length, table });
  });
  const apart = cleanDowns(ask, items, gaps, horizon + AFTER_TABLE);
  const asleep = nights(ask, first * MINUTE_MS, horizon);
  const wakes = asleep.map(([, to]) => to).filter((to) => to > now && to < horizon);
  return {
    ask,
    base: first * MINUTE_MS,
    horizon,
    items,
    gaps,
    apart,
    places: placesOf(ask, holds),
    asleep,
    wake: wakes.length > 0 ? Math.max(...wakes) : null,
    links,
    preheat: Math.max(0, ...ask.ovens.map((one) => one.preheatMinutes)),
  };
}
