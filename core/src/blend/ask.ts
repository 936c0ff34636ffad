import { catalogueOf, type ConversionRequest, type Kitchen } from '../kitchen';
import type { FamilyId, RouteId } from '../vocabulary';
import { pricesFor } from './cost';
import { LEAST_SHARE, RIDGE } from './data/scales';
import type { BlendQuestion } from './question';
import { blendGrams, type Wheat } from './routes';
import type { Cap } from './says';
import { allowedFlours, groupsOf, onHand, shelfOf } from './shelf';
import { targetOf } from './target';

/** What a blend is asked for: which bake by which way, by whom, from what, and how much of it. */
export interface Asked {
  readonly family: FamilyId;
  readonly route: RouteId;
  readonly request: ConversionRequest;
  readonly kitchen: Kitchen;
  /** The wheat flour that it stands for; null where nobody knows yet. */
  readonly wheat: Wheat | null;
}

export const ANSWERS = 5;

/** A question with the reasons of its caps. */
export interface Posed {
  readonly question: BlendQuestion;
  readonly whyCap: Readonly<Record<string, Cap>>;
}

/** The flours that a person wants in the blend whatever else: held shares, and a bag that is to be used up. */
export const heldIn = ({ pins, blend }: ConversionRequest): string[] => [
  ...new Set([...pins.map(({ ingredient }) => ingredient), ...(blend.useUp === null ? [] : [blend.useUp])]),
];

/** The question in the solver's terms. A flour that is held or to be used up is in it even where it is barred: the caller has looked. */
export function pose({ family, route, request, kitchen, wheat }: Asked): Posed {
  const catalogue = catalogueOf(kitchen);
  const { pins, blend } = request;
  const held = heldIn(request);
  const flours = [...new Set([...allowedFlours(route, family, request, kitchen), ...held])].sort();
  const target = targetOf(route, family, blend.aims, catalogue);
  const grams = wheat && blendGrams(route, wheat, target.thirst);
  const { caps, whyCap, bought } = shelfOf(flours, route, family, request, kitchen, grams);
  const there = blend.useUp === null ? undefined : onHand(blend.useUp, kitchen);
  const floor = blend.useUp === null ? {} : { [blend.useUp]: floorOf(caps[blend.useUp]!, there, grams) };
  return {
    whyCap,
    question: {
      flours,
      caps,
      pins: Object.fromEntries(pins.map(({ ingredient, share }) => [ingredient, share])),
      floors: floor,
      bought,
      mostBought: blend.buy ?? flours.length,
      prices: blend.aims.includes('cheap') ? pricesFor(flours, kitchen, catalogue) : null,
      target,
      groups: groupsOf(flours, route, family, catalogue),
      most: Math.min(Math.max(blend.most, held.length), flours.length),
      leastShare: LEAST_SHARE,
      ridge: RIDGE,
      answers: ANSWERS,
    },
  };
}

/** As much of a bag as the limits and the bag allow. */
function floorOf(cap: number, there: number | undefined, grams: number | null): number {
  const bag = there === undefined || grams === null ? cap : Math.min(cap, there / grams);
  return Math.max(LEAST_SHARE, bag);
}
