import { getIngredient, type Catalogue } from '../catalogue';
import { bandsOf } from '../family';
import { catalogueOf, type ConversionRequest, type Kitchen } from '../kitchen';
import type { Steps } from '../quantity';
import type { FamilyId, RouteId } from '../vocabulary';
import { LEAST_SHARE, RIDGE, ROUTE_TABLE, USUAL_SHELF, type Shares } from './data/routes';
import type { FlourClass } from './data/flourTraits';
import { hasTraits, mix, PROPERTIES, traitsOf, type Property, type PropertyVector } from './properties';
import type { BlendQuestion, GroupLimit } from './question';
import { solveBlend, type Solution } from './solve';

export interface BlendShare {
  readonly ingredient: string;
  readonly share: number;
}

/** A share with what a person calls the flour, and the class that its pattern shows. */
export interface BlendPart extends BlendShare {
  readonly name: string;
  readonly class: FlourClass;
}

export interface Blend {
  readonly shares: readonly BlendPart[];
  readonly properties: PropertyVector;
  /** Deviation from the target by property, in the property's own unit. */
  readonly deviations: Readonly<Partial<Record<Property, number>>>;
  /** Limits that hold it where it is, in words. */
  readonly binding: readonly string[];
  /** Limits that had to give, in words. */
  readonly relaxed: readonly string[];
}

export type BlendOutcome =
  | { readonly kind: 'blends'; readonly blends: readonly Blend[]; readonly target: PropertyVector }
  | { readonly kind: 'infeasible'; readonly reasons: readonly string[]; readonly relax: readonly string[] };

const MOST_FLOURS = 4;
const ANSWERS = 3;
const LEGUMES_MOST = 0.25;
const PERCENT = 100;
/** Held shares may pass the whole by the rounding of their percents. */
const WHOLE = 1e-6;

/** Which way from wheat to take: grain-free goes by almond, and by cassava where nuts are out. */
export function routeFor({ diet, without, withoutFlours }: ConversionRequest): RouteId {
  if (diet === 'gluten-free') return 'grain-blend';
  return without.includes('tree nuts') || withoutFlours.includes('almond-flour')
    ? 'cassava-led'
    : 'almond-led';
}

/** Why a flour may not be used; undefined when it may. */
function barredBecause(id: string, request: ConversionRequest, catalogue: Catalogue): string | undefined {
  const { grain, allergens, gluten } = getIngredient(catalogue, id);
  if (request.withoutFlours.includes(id)) return 'left out by hand';
  if (request.diet === 'grain-free' && (grain === 'grain' || grain === 'pseudocereal')) return 'a grain';
  if (gluten === 'contains') return 'holds gluten';
  return allergens.find((one) => request.without.includes(one));
}

/** The flours that a blend of this route may be made from, for these people and this cupboard. */
export function allowedFlours(route: RouteId, request: ConversionRequest, kitchen: Kitchen): string[] {
  const catalogue = catalogueOf(kitchen);
  const { only } = ROUTE_TABLE.rows[route];
  const shelf =
    kitchen.cupboard?.map(({ ingredient }) => ingredient).filter(hasTraits) ??
    (only.length > 0 ? only : USUAL_SHELF);
  return [...new Set(shelf)].filter((id) => !barredBecause(id, request, catalogue)).sort();
}

/** Shares held by hand that can't be: of a flour that is out, or more than the whole. */
function clashOfPins(request: ConversionRequest, catalogue: Catalogue): BlendOutcome | undefined {
  const name = (id: string) => getIngredient(catalogue, id).name;
  const barred = request.pins.flatMap(({ ingredient }) => {
    const why = hasTraits(ingredient)
      ? barredBecause(ingredient, request, catalogue)
      : 'no flour for a blend';
    return why === undefined ? [] : [{ ingredient, why }];
  });
  const total = request.pins.reduce((sum, { share }) => sum + share, 0);
  if (barred.length > 0)
    return {
      kind: 'infeasible',
      reasons: barred.map(
        ({ ingredient, why }) => `${name(ingredient)} is held by hand, but it is out: ${why}.`,
      ),
      relax: barred.map(({ ingredient }) => `Let ${name(ingredient)} go`),
    };
  if (total <= 1 + WHOLE) return undefined;
  return {
    kind: 'infeasible',
    reasons: [`The shares held by hand come to ${Math.round(total * PERCENT)} %, more than the whole blend.`],
    relax: ['Let one of the held shares go'],
  };
}

function targetOf(route: RouteId, family: FamilyId, catalogue: Catalogue): PropertyVector {
  const { references, flavour, grit } = ROUTE_TABLE.rows[route];
  const reference: Shares = references[family] ?? references['creamed-cake']!;
  const properties = mix(reference, catalogue);
  return {
    ...properties,
    flavour: Math.min(properties.flavour, flavour),
    grit: Math.min(properties.grit, grit),
  };
}

function groupsOf(flours: readonly string[], route: RouteId, family: FamilyId): GroupLimit[] {
  const starches = flours.filter((id) => traitsOf(id).pureStarch);
  const legumes = flours.filter((id) => traitsOf(id).class === 'legume');
  return [
    { name: 'pure starches', members: starches, most: bandsOf(family, route).starch[1] },
    { name: 'bean and pea flours', members: legumes, most: LEGUMES_MOST },
  ].filter(({ members }) => members.length > 0);
}

/** Shares in whole percent that sum to 100, by largest remainder; nothing over its cap by more than the rounding. */
function wholePercents({ flours, shares }: Solution, catalogue: Catalogue): BlendPart[] {
  const parts = flours.map((ingredient, at) => ({ ingredient, exact: shares[at]! * PERCENT }));
  const floors = parts.map(({ ingredient, exact }) => ({
    ingredient,
    percent: Math.floor(exact + 1e-6),
    rest: exact - Math.floor(exact + 1e-6),
  }));
  const missing = PERCENT - floors.reduce((sum, { percent }) => sum + percent, 0);
  const order = [...floors].sort((a, b) => b.rest - a.rest || (a.ingredient < b.ingredient ? -1 : 1));
  const given = new Set(order.slice(0, missing).map(({ ingredient }) => ingredient));
  return floors
    .map(({ ingredient, percent }) => ({
      ingredient,
      name: getIngredient(catalogue, ingredient).name,
      class: traitsOf(ingredient).class,
      share: (percent + (given.has(ingredient) ? 1 : 0)) / PERCENT,
    }))
    .sort((a, b) => b.share - a.share || (a.ingredient < b.ingredient ? -1 : 1));
}

const NEAR_LIMIT = 0.006;

function toBlend(
  solution: Solution,
  question: BlendQuestion,
  relaxed: readonly string[],
  catalogue: Catalogue,
): Blend {
  const shares = wholePercents(solution, catalogue);
  const properties = mix(
    Object.fromEntries(shares.map(({ ingredient, share }) => [ingredient, share])),
    catalogue,
  );
  const at = (limit: number, share: number) => Math.abs(limit - share) < NEAR_LIMIT;
  const caps = shares
    .filter(({ ingredient, share }) => at(question.caps[ingredient] ?? 1, share))
    .map(({ name, share }) => `${name} is at its most (${Math.round(share * PERCENT)} %)`);
  const groups = question.groups
    .filter(({ members, most }) =>
      at(
        most,
        shares
          .filter(({ ingredient }) => members.includes(ingredient))
          .reduce((sum, { share }) => sum + share, 0),
      ),
    )
    .map(({ name, most }) => `${name} are at their most (${Math.round(most * PERCENT)} %)`);
  const deviations = Object.fromEntries(
    PROPERTIES.map((property) => [property, properties[property] - question.target[property]]),
  );
  return { shares, properties, deviations, binding: [...caps, ...groups], relaxed };
}

/**
 * The best three different blends for a family by a route, for these people and this cupboard. Where the caps of too few
 * flours leave no room, the caps give and the answer says so; with no flour at all it is infeasible.
 */
export function* designBlend(
  family: FamilyId,
  route: RouteId,
  request: ConversionRequest,
  kitchen: Kitchen,
): Steps<BlendOutcome> {
  const catalogue = catalogueOf(kitchen);
  const clash = clashOfPins(request, catalogue);
  if (clash) return clash;
  const flours = [
    ...new Set([
      ...allowedFlours(route, request, kitchen),
      ...request.pins.map(({ ingredient }) => ingredient),
    ]),
  ].sort();
  if (flours.length === 0)
    return {
      kind: 'infeasible',
      reasons: ['No flour is left: every one is barred by the diet, an avoidance, the cupboard or by hand.'],
      relax: ['Allow a flour again, or let an avoidance go'],
    };
  const own = ROUTE_TABLE.rows[route].caps;
  const caps = Object.fromEntries(flours.map((id) => [id, own[id] ?? traitsOf(id).cap]));
  const question: BlendQuestion = {
    flours,
    caps,
    pins: Object.fromEntries(request.pins.map(({ ingredient, share }) => [ingredient, share])),
    target: targetOf(route, family, catalogue),
    groups: groupsOf(flours, route, family),
    most: Math.min(Math.max(MOST_FLOURS, request.pins.length), flours.length),
    leastShare: LEAST_SHARE,
    ridge: RIDGE,
    answers: ANSWERS,
  };
  const within = yield* solveBlend(question, catalogue);
  if (within.length > 0)
    return {
      kind: 'blends',
      target: question.target,
      blends: within.map((one) => toBlend(one, question, [], catalogue)),
    };
  const open: BlendQuestion = { ...question, caps: {}, groups: [] };
  const relaxed = [
    request.pins.length > 0
      ? 'The shares held by hand leave no room within the usual limits, so the limits gave'
      : `${flours.map((id) => getIngredient(catalogue, id).name).join(', ')}: too few flours to keep to their usual limits, so the limits gave`,
  ];
  const beyond = yield* solveBlend(open, catalogue);
  if (beyond.length === 0)
    return {
      kind: 'infeasible',
      reasons: ['The shares held by hand leave nothing that the other flours could fill.'],
      relax: ['Let one of the held shares go'],
    };
  return {
    kind: 'blends',
    target: question.target,
    blends: beyond.map((one) => toBlend(one, open, relaxed, catalogue)),
  };
}
