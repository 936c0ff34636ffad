import { unfold, type Catalogue } from '../catalogue';
import { catalogueOf } from '../kitchen';
import type { Steps } from '../quantity';
import { ROUTES, type RouteId } from '../vocabulary';
import type { Asked } from './ask';
import { partOf, sharesRecord, type BlendPart } from './blend';
import { costOf } from './cost';
import { cupOfBlend } from './cup';
import { ROUTE_TABLE } from './data/routes';
import { designBlend } from './design';
import { hasTraits } from './properties';
import type { Clash, RouteBarred, SchoolSaid } from './says';
import type { PropertyVector } from './vector';
import { blendGrams, routeBarredBecause } from './routes';
import { nameOf, onHand } from './shelf';

/** A way to a blend that can be set beside others: a route, or a jar of the household. */
export type SchoolPick =
  | { readonly kind: 'route'; readonly route: RouteId }
  | { readonly kind: 'jar'; readonly jar: string; readonly by: 'weight' | 'cup' };

/** A blend by one school, beside what it stands for. */
export interface BlendSchool {
  readonly pick: SchoolPick;
  readonly name: string;
  readonly shares: readonly BlendPart[];
  /** What a jar is mixed of; else the shares themselves. */
  readonly contents: readonly BlendPart[];
  readonly properties: PropertyVector;
  /** In the place of all wheat flour of this bake. */
  readonly grams: number;
  readonly cupGrams: number;
  readonly because: SchoolSaid;
  readonly worse: SchoolSaid;
  readonly cost: { readonly amount: number; readonly guessed: boolean } | null;
  /** Flours of which the cupboard hasn't enough, with what is missing, g. */
  readonly toBuy: readonly { readonly ingredient: string; readonly name: string; readonly grams: number }[];
}

export type SchoolAnswer =
  BlendSchool | { readonly pick: SchoolPick; readonly name: string; readonly barred: readonly Clash[] };

const ENOUGH = 0.5;
/** Grams in a US cup of wheat flour, spooned. Common practice. */
const WHEAT_CUP = 124;

/** What is missing in the cupboard for a blend. */
function missing(shares: readonly BlendPart[], grams: number, { kitchen }: Asked): BlendSchool['toBuy'] {
  const catalogue = catalogueOf(kitchen);
  return shares.flatMap(({ ingredient, share }) => {
    const short = share * grams - (onHand(ingredient, kitchen) ?? 0);
    return short > ENOUGH ? [{ ingredient, name: nameOf(ingredient, catalogue), grams: short }] : [];
  });
}

const contentsOf = (jar: string, catalogue: Catalogue): BlendPart[] =>
  unfold(catalogue, jar).flatMap(({ ingredient, share }) =>
    hasTraits(ingredient, catalogue) ? [partOf(ingredient, share, catalogue)] : [],
  );

/** The routes that this family can go for these people, and why it can't go the others. */
export const routesFor = ({
  family,
  request,
  kitchen,
}: Asked): readonly {
  readonly route: RouteId;
  readonly name: string;
  readonly barred: RouteBarred | null;
}[] =>
  ROUTES.map((route) => ({
    route,
    name: ROUTE_TABLE.rows[route].name,
    barred: routeBarredBecause(route, family, request, catalogueOf(kitchen)) ?? null,
  }));

/** One school's blend for this bake, as it compares with the others. */
export function* schoolOf(pick: SchoolPick, asked: Asked): Steps<SchoolAnswer> {
  const { family, kitchen, wheat } = asked;
  const catalogue = catalogueOf(kitchen);
  const route = pick.kind === 'route' ? pick.route : asked.route;
  const { only } = ROUTE_TABLE.rows[route];
  const wished = asked.request.blend;
  const useUp =
    wished.useUp !== null && only.length > 0 && !only.includes(wished.useUp) ? null : wished.useUp;
  const blend =
    pick.kind === 'route'
      ? { ...wished, useUp, route, jar: null }
      : { ...wished, useUp, jar: pick.jar, jarBy: pick.by };
  const request = { ...asked.request, blend, pins: [] };
  const outcome = yield* designBlend(family, route, request, kitchen, wheat);
  const named = pick.kind === 'route' ? ROUTE_TABLE.rows[route].name : 'the jar';
  if (outcome.kind === 'infeasible') return { pick, name: named, barred: outcome.reasons };
  const { shares, properties } = outcome.blends[0]!;
  const cupGrams = cupOfBlend(sharesRecord(shares), catalogue);
  const whole = wheat ?? { grams: 100, thirst: 75 };
  const grams =
    pick.kind === 'jar'
      ? whole.grams * (pick.by === 'cup' ? cupGrams / WHEAT_CUP : 1)
      : blendGrams(route, whole, properties.thirst);
  return {
    pick,
    name: pick.kind === 'jar' ? shares[0]!.name : named,
    shares,
    contents: pick.kind === 'jar' ? contentsOf(shares[0]!.ingredient, catalogue) : shares,
    properties,
    grams,
    cupGrams,
    because:
      pick.kind === 'route'
        ? { code: 'route-because', values: { route } }
        : { code: pick.by === 'weight' ? 'weight-for-weight' : 'cup-for-cup', values: {} },
    worse:
      pick.kind === 'jar'
        ? { code: 'for-every-bake', values: {} }
        : { code: 'route-worse', values: { route } },
    cost: costOf(shares, grams, kitchen, catalogue),
    toBuy: missing(shares, grams, asked),
  };
}
