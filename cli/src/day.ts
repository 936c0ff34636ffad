import {
  docketsOfDay,
  momentOf,
  OVEN_HABITS,
  planDay,
  UnknownZoneError,
  USUAL_WORK,
  wallTime,
  type AskedBake,
  type Asleep,
  type DayOven,
  type DayPlan,
} from '@omniarton/core/clock';
import type { ConversionRequest, Kitchen, Serving } from '@omniarton/core/kitchen';
import type { Recipe } from '@omniarton/core/read';
import { say, spoken } from '@omniarton/core/words';
import { UsageError } from './options';

/** What is asked of a day. */
export interface DayOptions {
  readonly serving: Serving;
  /** Null: those of the kitchen, else one. */
  readonly ovens: number | null;
  readonly hands: number;
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
  ovens: number | null,
  hands: number,
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
    now: now === undefined ? null : moment('now', now),
    asleep: asleep === undefined ? null : nightOf(asleep),
  };
}

/** The ovens of the day: so many as are asked for, those of the kitchen first. */
function ovensOf(kitchen: Kitchen, asked: number | null): DayOven[] {
  const own = kitchen.ovens.map(({ id, name, racks, preheatMinutes }) => ({
    id,
    name,
    racks,
    preheatMinutes: preheatMinutes ?? OVEN_HABITS.preheat,
  }));
  const count = asked ?? Math.max(1, own.length);
  return Array.from(
    { length: count },
    (_, at) =>
      own[at] ?? {
        id: `oven-${at + 1}`,
        name: `oven ${at + 1}`,
        racks: OVEN_HABITS.racks,
        preheatMinutes: OVEN_HABITS.preheat,
      },
  );
}

function planShape(
  { tasks, proven, begins, atBest, zone, binds, ovens }: DayPlan,
  places: readonly DayOven[],
): object {
  const place = (name: string | null) =>
    name === null ? null : `oven-${places.findIndex((one) => one.name === name) + 1}`;
  return {
    outcome: 'plan',
    proven,
    starts: tasks[0]!.at,
    begins: wallTime(begins, zone),
    noPlanAfter: wallTime(atBest, zone),
    tasks: tasks.map(({ id, bake, what, kind, at, until, handsOn, hands, oven, celsius, tray }) => ({
      id,
      docket: bake,
      what: say(what),
      kind,
      starts: at,
      ends: until,
      handsOn,
      resource: handsOn ? `hands-${hands}` : place(oven),
      oven: place(oven),
      celsius,
      tray: tray?.n ?? null,
      trays: tray?.of ?? null,
    })),
    ...(spoken({ binds }) as object),
    ovens: ovens.map(({ name, minutes, settings }) => ({ id: place(name), name, minutes, settings })),
  };
}

/** The bake day of some recipes as the command line has it. */
export function dayShape(
  recipes: readonly { readonly file: string; readonly recipe: Recipe }[],
  request: ConversionRequest,
  kitchen: Kitchen,
  { serving, ovens: asked, hands, now, asleep }: DayOptions,
): object {
  const ask = recipes.map(({ recipe }, at): AskedBake => ({ id: `d${at + 1}`, recipe, request, serving }));
  const { bakes, none } = docketsOfDay(ask, kitchen);
  const dockets = recipes.map(({ file, recipe }, at) => ({ id: `d${at + 1}`, file, title: recipe.title }));
  if (none.length > 0)
    return {
      outcome: 'infeasible',
      dockets,
      reasons: none.map(
        ({ id, none: { reasons } }) =>
          `${dockets.find((one) => one.id === id)!.title}: ${reasons.map(say).join(' ')}`,
      ),
      relax: [],
    };
  const ovens = ovensOf(kitchen, asked);
  const from = now === null ? null : momentOf({ at: now, zone: serving.zone });
  const planned = planDay({
    bakes,
    ovens,
    hands,
    mixers: hands,
    asleep,
    now: from,
    pins: [],
    work: USUAL_WORK,
  });
  if (planned.outcome === 'plan') return { ...planShape(planned, ovens), dockets };
  return {
    outcome: 'infeasible',
    ...(spoken({ reasons: planned.reasons }) as object),
    relax: planned.relax.map(({ what, give }) => ({ what: say(what), ...give })),
    dockets,
  };
}
