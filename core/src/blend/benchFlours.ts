import { catalogueOf } from '../kitchen';
import type { FlourClass } from '../vocabulary';
import type { Asked } from './ask';
import { cupOf } from './cup';
import { priceOf } from './cost';
import { hasTraits, propertiesOf, traitsOf } from './properties';
import type { GroupLimit } from './question';
import { allowedFlours, groupsOf, nameOf, onHand, shelfOf } from './shelf';
import { targetOf, usualShares } from './target';
import type { PropertyVector } from './vector';
import { blendGrams } from './routes';
import type { Cap } from './says';

/** A flour as a hand that moves shares needs it: everything that follows the pointer is a sum over these. */
export interface BenchFlour {
  readonly id: string;
  readonly name: string;
  readonly class: FlourClass;
  readonly vector: PropertyVector;
  readonly cap: number;
  readonly whyCap: Cap;
  /** Null where nothing is written down of it. */
  readonly onHand: number | null;
  readonly perKilo: number | null;
  readonly cupGrams: number;
}

/** What lies on the blend bench for one bake: the flours, what is wanted, the limits, and about how much is needed. */
export interface BenchFlours {
  readonly flours: readonly BenchFlour[];
  readonly target: PropertyVector;
  readonly groups: readonly GroupLimit[];
  readonly grams: number;
  /** What such a bake is usually made of by this route, shares. */
  readonly usual: Readonly<Record<string, number>>;
}

/** Lays out the flours that this bake may be blended from, and `others` that are in its blend by hand. */
export function benchFlours(asked: Asked, others: readonly string[]): BenchFlours {
  const { family, route, request, kitchen, wheat } = asked;
  const catalogue = catalogueOf(kitchen);
  const known = others.filter((id) => catalogue.byId.has(id) && hasTraits(id, catalogue));
  const ids = [...new Set([...allowedFlours(route, family, request, kitchen), ...known])].sort();
  const target = targetOf(route, family, request.blend.aims, catalogue);
  const grams = wheat ? blendGrams(route, wheat, target.thirst) : 0;
  const { caps, whyCap } = shelfOf(ids, route, family, request, kitchen, grams > 0 ? grams : null);
  return {
    target,
    grams,
    usual: usualShares(route, family),
    groups: groupsOf(ids, route, family, catalogue),
    flours: ids.map((id) => ({
      id,
      name: nameOf(id, catalogue),
      class: traitsOf(id, catalogue).class,
      vector: propertiesOf(id, catalogue),
      cap: caps[id]!,
      whyCap: whyCap[id]!,
      onHand: onHand(id, kitchen) ?? null,
      perKilo: priceOf(id, kitchen, catalogue)?.perKilo ?? null,
      cupGrams: cupOf(id, catalogue),
    })),
  };
}
