import { familyOf } from '../family';
import { SCHOOLS, wheatGrams } from '../balance';
import { costOf, ROUTE_TABLE, routeBarredBecause, routeFor } from '../blend';
import { catalogueOf, type ConversionRequest, type Kitchen, type OvenSetting } from '../kitchen';
import type { Steps } from '../quantity';
import type { Recipe } from '../read';
import type { BinderSchool, FamilyId, RouteId } from '../vocabulary';
import { convertSteps } from './convert';
import { BAKES_OTHERWISE, type BakeOtherwise } from './data/bakesOtherwise';
import { workOf, type Work } from './plan';
import type { Docket } from './types';

/** How wheat is replaced, and what binds. */
type Flours = Pick<WayAsk, 'route' | 'school'>;

/** What of a request a way sets: how wheat is replaced, what binds, and how it is chilled and baked where that is what differs. */
export interface WayAsk {
  readonly route: RouteId;
  readonly jar: string | null;
  readonly school: BinderSchool;
  readonly otherwise: BakeOtherwise['id'] | null;
  /** Null: as is asked for now. */
  readonly oven: OvenSetting | null;
  readonly chill: number | null;
}
const AS_ASKED = { otherwise: null, oven: null, chill: null } as const;

/** One way to convert a recipe, whole, as it compares with the others. */
export interface Way {
  readonly ask: WayAsk;
  readonly name: string;
  readonly docket: Docket;
  /** The one thing that it does worse. */
  readonly worse: string;
  /** What its flours cost; null where no bag has a price. */
  readonly cost: number | null;
  /** What is neither in the recipe nor in the cupboard. */
  readonly toBuy: readonly string[];
}

const MOST = 4;

/** Ways in the order in which bakers try them; the one asked for now comes first. */
const GRAIN_WAYS: readonly Flours[] = [
  { route: 'grain-blend', school: 'gum' },
  { route: 'grain-blend', school: 'egg-led' },
  { route: 'almond-led', school: 'none' },
  { route: 'starch-led', school: 'gum' },
  { route: 'coconut-led', school: 'egg-led' },
  { route: 'grain-blend', school: 'husk' },
  { route: 'cassava-led', school: 'husk' },
];
const GRAIN_FREE_WAYS: readonly Flours[] = [
  { route: 'almond-led', school: 'egg-led' },
  { route: 'cassava-led', school: 'husk' },
  { route: 'starch-led', school: 'gum' },
  { route: 'coconut-led', school: 'egg-led' },
  { route: 'tiger-nut-led', school: 'husk' },
  { route: 'nut-butter-led', school: 'none' },
];
/** What must rise by yeast is held by husk, whatever else is tried. */
const YEAST_WAYS: readonly Flours[] = [
  { route: 'grain-blend', school: 'husk' },
  { route: 'grain-blend', school: 'gum' },
  { route: 'cassava-led', school: 'husk' },
];

function candidates(
  family: FamilyId,
  request: ConversionRequest,
  kitchen: Kitchen,
  houseJars: readonly string[],
): WayAsk[] {
  const catalogue = catalogueOf(kitchen);
  const now: WayAsk = {
    route: routeFor(request, family, catalogue),
    jar: request.blend.jar,
    school: request.school,
    ...AS_ASKED,
  };
  const usual = familyOf(family).yeast
    ? YEAST_WAYS
    : request.diet === 'grain-free'
      ? GRAIN_FREE_WAYS
      : GRAIN_WAYS;
  const open = usual.filter(
    ({ route, school }) =>
      routeBarredBecause(route, family, request, catalogue) === undefined &&
      !(school === 'egg-led' && request.without.includes('egg')),
  );
  const jars = houseJars.slice(0, 1).map((jar): WayAsk => ({ ...now, jar, school: 'gum' }));
  const all = [now, ...jars, ...open.map((one): WayAsk => ({ ...AS_ASKED, ...one, jar: null }))];
  const keyOf = ({ route, jar, school }: WayAsk) => `${jar ?? route}/${school}`;
  return all.filter((one, at) => all.findIndex((other) => keyOf(other) === keyOf(one)) === at);
}

/** What is on the docket, was not in the recipe, and is in no bag of the cupboard. */
function toBuy(docket: Docket, { written, kitchen }: Work): string[] {
  const there = new Set([
    'water',
    ...written.flatMap(({ lines }) => lines.map(({ ingredient }) => ingredient)),
    ...(kitchen.cupboard ?? []).map(({ ingredient }) => ingredient),
  ]);
  const names = docket.parts
    .flatMap(({ lines }) => lines)
    .flatMap(({ ingredient, name }) => (ingredient !== null && !there.has(ingredient) ? [name] : []));
  return [...new Set(names)];
}

/** The same flours, baked or chilled otherwise, where such a bake has that and nobody has set it already. */
function otherwise(
  family: FamilyId,
  { oven, rest: asked }: ConversionRequest,
  { ask, docket: { bake, rest } }: { readonly ask: WayAsk; readonly docket: Docket },
): WayAsk[] {
  return BAKES_OTHERWISE.rows
    .filter(({ families }) => families.includes(family))
    .flatMap(({ id, cooler, chill: wanted }): WayAsk[] => {
      if (wanted !== null)
        return asked === null && rest.chilled !== null && rest.minutes[0] < wanted
          ? [{ ...ask, otherwise: id, chill: wanted }]
          : [];
      const { ovenCelsius, fan } = bake;
      return oven === null && ovenCelsius !== null
        ? [{ ...ask, otherwise: id, oven: { celsius: ovenCelsius - cooler, fan } }]
        : [];
    });
}

/** Its name, and what it does worse: by how it is baked where that is what differs, by its binder where another way has the same flours, else by its flours. */
function describe(ask: WayAsk, docket: Docket, others: readonly WayAsk[]): Pick<Way, 'name' | 'worse'> {
  const leading = docket.parts.flatMap(({ blend }) => blend)[0]?.name ?? '';
  const flours = ask.jar === null ? ROUTE_TABLE.rows[ask.route].name : leading;
  const baked = BAKES_OTHERWISE.rows.find(({ id }) => id === ask.otherwise);
  if (baked) return { name: baked.name, worse: baked.worse };
  const twin = others.some(
    (one) => one !== ask && one.otherwise === null && one.route === ask.route && one.jar === ask.jar,
  );
  const byFlour =
    ask.jar === null ? ROUTE_TABLE.rows[ask.route].worse : 'made for every bake, so for none in particular';
  return {
    name: ask.school === 'none' ? flours : `${flours}, ${SCHOOLS.rows[ask.school].name}`,
    worse: twin ? SCHOOLS.rows[ask.school].worse : byFlour,
  };
}

/** What of a request is otherwise when a way is taken. */
export const takeWay = (
  { blend }: Pick<ConversionRequest, 'blend'>,
  { route, jar, school, oven, chill }: WayAsk,
): Pick<ConversionRequest, 'school' | 'pins' | 'blend'> &
  Partial<Pick<ConversionRequest, 'oven' | 'rest'>> => ({
  school,
  pins: [],
  blend: { ...blend, route: jar === null ? route : null, jar },
  ...(oven === null ? {} : { oven }),
  ...(chill === null ? {} : { rest: chill }),
});

/**
 * Two to four ways to convert a recipe, each a whole docket. They differ in their leading flour or in what binds; a way that these
 * people or this family can't go isn't shown. The first is the one that is asked for now. Empty where no wheat is to be replaced.
 */
export function* waysFor(
  recipe: Recipe,
  request: ConversionRequest,
  kitchen: Kitchen,
  houseJars: readonly string[] = [],
): Steps<readonly Way[]> {
  const work: Work = workOf(recipe, request, kitchen);
  const wheat = work.parts.reduce((sum, { lines }) => sum + wheatGrams(lines, work.catalogue), 0);
  if (wheat <= 0) return [];
  const { family } = work;
  const found: { readonly ask: WayAsk; readonly docket: Docket }[] = [];
  const byFlours = candidates(family, work.request, work.kitchen, houseJars);
  let open: readonly WayAsk[] = byFlours;
  while (open.length > 0 && found.length < MOST) {
    const [ask, ...others] = open as readonly [WayAsk, ...WayAsk[]];
    const { outcome } = yield* convertSteps(recipe, { ...request, ...takeWay(request, ask) }, kitchen);
    if (outcome.outcome === 'docket') found.push({ ask, docket: outcome.docket });
    // Beside the one that is asked for now one of other flours, then the same flours baked otherwise.
    open =
      open === byFlours && found[0]
        ? [...others.slice(0, 1), ...otherwise(family, work.request, found[0]), ...others.slice(1)]
        : others;
  }
  const asks = found.map(({ ask }) => ask);
  return found.map(({ ask, docket }) => {
    const blend = docket.parts.find((part) => part.blend.length > 0)?.blend ?? [];
    const grams = docket.parts.flatMap((part) => part.blend).reduce((sum, one) => sum + one.grams, 0);
    return {
      ask,
      docket,
      ...describe(ask, docket, asks),
      cost: costOf(blend, grams, kitchen, work.catalogue)?.amount ?? null,
      toBuy: toBuy(docket, work),
    };
  });
}
