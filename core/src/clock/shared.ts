import { convert, type Docket, type NoDocket } from '../docket';
import type { ConversionRequest, Kitchen, Serving } from '../kitchen';
import type { Recipe } from '../read';
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

/**
 * The dockets of a day. What lies within ten degrees of each other shares an oven at the middle of them, and what may have company in it
 * bakes beside that: Heat is asked again, so that times are those of the day's own oven.
 */
export function docketsOfDay(
  asked: readonly AskedBake[],
  kitchen: Kitchen,
): { readonly bakes: DayBake[]; readonly none: NotBaked[] } {
  const none: NotBaked[] = [];
  const converted = asked.flatMap((one): Converted[] => {
    const made = convert(one.recipe, one.request, kitchen);
    if (made.outcome === 'docket') return [{ asked: one, docket: made.docket }];
    none.push({ id: one.id, none: made });
    return [];
  });
  const heats = converted.map(({ docket }) => heatsOfDocket(docket));
  const set = sharedHeats(heats.flat());
  const bakes = converted.map(({ asked: one, docket }, at): DayBake => {
    const own = docket.bake.ovenCelsius;
    const company = heats.some(
      (other, place) => place !== at && own !== null && other.some((celsius) => set(celsius) === set(own)),
    );
    if (own === null || !company || docket.bake.minutes === null)
      return { id: one.id, docket, serving: one.serving };
    const request = {
      ...one.request,
      oven: { celsius: set(own), fan: docket.bake.fan },
      start: { ...one.request.start, shared: true },
    };
    const again = convert(one.recipe, request, kitchen);
    return { id: one.id, docket: again.outcome === 'docket' ? again.docket : docket, serving: one.serving };
  });
  return { bakes, none };
}
