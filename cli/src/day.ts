import {
  docketsOfDay,
  momentOf,
  OVEN_HABITS,
  planDay,
  QUICK_WORK,
  wallTime,
  type AskedBake,
  type DayOven,
  type DayPlan,
} from '@omniarton/core/clock';
import type { ConversionRequest, Kitchen } from '@omniarton/core/kitchen';
import type { Recipe } from '@omniarton/core/read';
import { say, spoken } from '@omniarton/core/words';
import type { DayOptions } from './dayOptions';
import type { Home } from './files';

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
  { kitchen, tins }: Home,
  { serving, ovens: asked, hands, fridge, now, asleep }: DayOptions,
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
    fridge,
    tins,
    pace: {},
    asleep,
    now: from,
    pins: [],
    work: QUICK_WORK,
  });
  if (planned.outcome === 'plan') return { ...planShape(planned, ovens), dockets };
  return {
    outcome: 'infeasible',
    ...(spoken({ reasons: planned.reasons }) as object),
    relax: planned.relax.map(({ what, give }) => ({ what: say(what), ...give })),
    dockets,
  };
}
