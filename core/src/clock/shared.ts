import { convert, type Docket, type NoDocket } from '../docket';
import { forTable, type ConversionRequest, type Kitchen, type Serving } from '../kitchen';
import type { Recipe } from '../read';
import type { Avoidance } from '../vocabulary';
import { heatsOfDocket, sharedHeats } from './tasks';
import type { DayBake } from './types';

/** A recipe that is to be baked on a day. */
export interface AskedBake {
  readonly id: string;
  readonly recipe: Recipe;
  readonly request: ConversionRequest;
  readonly serving: Serving;
}

/** One that has no docket, and why. */
export interface NotBaked {
  readonly id: string;
  readonly none: NoDocket;
}

interface Converted {
  readonly asked: AskedBake;
  readonly docket: Docket;
}

/** The dockets of a day, and what has none. */
export interface DayDockets {
  readonly bakes: readonly DayBake[];
  readonly none: readonly NotBaked[];
}

/**
 * The dockets of a day. What lies within ten degrees of each other shares an oven at the middle of them, and what may have company in it
 * bakes beside that: Heat is asked again, so that times are those of the day's own oven. Yields after each conversion.
 */
export function* docketsOfDaySteps(
  asked: readonly AskedBake[],
  kitchen: Kitchen,
): Generator<undefined, DayDockets, void> {
  const none: NotBaked[] = [];
  const converted: Converted[] = [];
  for (const one of asked) {
    const made = convert(one.recipe, one.request, kitchen);
    if (made.outcome === 'docket') converted.push({ asked: one, docket: made.docket });
    else none.push({ id: one.id, none: made });
    yield;
  }
  const heats = converted.map(({ docket }) => heatsOfDocket(docket));
  const set = sharedHeats(heats.flat());
  const bakes: DayBake[] = [];
  for (const [at, { asked: one, docket }] of converted.entries()) {
    const own = docket.bake.ovenCelsius;
    const company = heats.some(
      (other, place) => place !== at && own !== null && other.some((celsius) => set(celsius) === set(own)),
    );
    const alone = own === null || !company || docket.bake.minutes === null;
    bakes.push({
      id: one.id,
      keptOut: keptOutOf(one.request, kitchen),
      docket: alone ? docket : inCompany(one, docket, set(own), kitchen),
      serving: one.serving,
    });
    yield;
  }
  return { bakes, none };
}

/** What a table keeps out for somebody's sake; what is only liked less needs no second spoon. */
function keptOutOf(request: ConversionRequest, kitchen: Kitchen): Avoidance[] {
  const { without, mild } = forTable(request, kitchen);
  return without.filter((one) => !mild.includes(one));
}

/** The docket of one that is baked beside others at their heat. */
function inCompany(
  { recipe, request }: AskedBake,
  docket: Docket,
  celsius: number,
  kitchen: Kitchen,
): Docket {
  const asked = {
    ...request,
    oven: { celsius, fan: docket.bake.fan },
    start: { ...request.start, shared: true },
  };
  const again = convert(recipe, asked, kitchen);
  return again.outcome === 'docket' ? again.docket : docket;
}

/** The same to the end. */
export function docketsOfDay(asked: readonly AskedBake[], kitchen: Kitchen): DayDockets {
  const steps = docketsOfDaySteps(asked, kitchen);
  for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value;
}
