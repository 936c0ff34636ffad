import { catalogueOf } from '../kitchen';
import type { Catalogue } from '../catalogue';
import type { Steps } from '../quantity';
import { pose, type Asked } from './ask';
import { partOf, type BlendPart } from './blend';
import { mix } from './properties';
import { PROPERTIES, SCALE_OF, type Property, type PropertyVector } from './vector';
import { solveBlend, type Solution } from './solve';

/** What one more bag would buy. */
export interface MoreBag {
  readonly buy: BlendPart;
  readonly shares: readonly BlendPart[];
  /** By how much of itself the squared deviation falls, 0–1. */
  readonly nearer: number;
  /** The property that comes nearest to what is wanted by it, and from where to where. */
  readonly gains: { readonly property: Property; readonly from: number; readonly to: number } | null;
}

/** Less nearer than this isn't worth a walk to the shop. */
const WORTH = 0.05;

const propertiesOfSolution = ({ flours, shares }: Solution, catalogue: Catalogue): PropertyVector =>
  mix(Object.fromEntries(flours.map((id, at) => [id, shares[at]!])), catalogue);

function greatestGain(from: PropertyVector, to: PropertyVector, target: PropertyVector): MoreBag['gains'] {
  const off = (vector: PropertyVector, property: Property) =>
    Math.abs(vector[property] - target[property]) / SCALE_OF[property];
  const by = (property: Property) => off(from, property) - off(to, property);
  const first = [...PROPERTIES].sort((a, b) => by(b) - by(a))[0]!;
  return by(first) > 0 ? { property: first, from: from[first], to: to[first] } : null;
}

/**
 * The same pass over the wider set: with one bag more than is allowed now. Null where no bag brings the blend noticeably
 * nearer to what is wanted, or where nothing bounds what is bought.
 */
export function* oneMoreBag(asked: Asked): Steps<MoreBag | null> {
  const { request, kitchen } = asked;
  const { buy, jar } = request.blend;
  if (buy === null || jar !== null) return null;
  const catalogue = catalogueOf(kitchen);
  const now = pose(asked).question;
  const more = pose({
    ...asked,
    request: { ...request, blend: { ...request.blend, buy: buy + 1 } },
  }).question;
  const [best] = now.flours.length > 0 ? yield* solveBlend({ ...now, answers: 1 }, catalogue) : [];
  const [better] = yield* solveBlend({ ...more, answers: 1 }, catalogue);
  if (!better) return null;
  const already = best?.flours ?? [];
  const bag = better.flours.find((id) => more.bought.includes(id) && !already.includes(id));
  const nearer = best ? 1 - better.value / best.value : 1;
  if (bag === undefined || nearer < WORTH) return null;
  const parts = better.flours.map((id, at) => partOf(id, better.shares[at]!, catalogue));
  return {
    buy: parts.find(({ ingredient }) => ingredient === bag)!,
    shares: [...parts].sort((a, b) => b.share - a.share),
    nearer,
    gains: best
      ? greatestGain(
          propertiesOfSolution(best, catalogue),
          propertiesOfSolution(better, catalogue),
          now.target,
        )
      : null,
  };
}
