import type { BlendPart } from './blend';
import type { BenchFlours } from './benchFlours';

type Shares = readonly Pick<BlendPart, 'ingredient' | 'share'>[];

/** What another blend has over the first: each above zero where it does, below where it is the other way round. */
export interface BlendDiffers {
  readonly fewerFlours: number;
  /** Bags that needn't be bought. */
  readonly fewerBags: number;
  /** Money saved on the grams needed; null where no bag has a price. */
  readonly cheaper: number | null;
  /** Points of share by which it uses up more of what is to be used up. */
  readonly usesUp: number;
}

/** Compares two blends of a bench by what a cook chooses between them for. */
export function differsFrom(
  other: Shares,
  first: Shares,
  { flours, grams }: Pick<BenchFlours, 'flours' | 'grams'>,
  useUp: string | null,
): BlendDiffers {
  const flourOf = (id: string) => flours.find((one) => one.id === id);
  const bags = (of: Shares) => of.filter(({ ingredient }) => flourOf(ingredient)?.onHand === null).length;
  const cost = (of: Shares) =>
    of.reduce<number | null>((sum, { ingredient, share }) => {
      const perKilo = flourOf(ingredient)?.perKilo ?? null;
      return sum === null || perKilo === null ? null : sum + (share * grams * perKilo) / 1000;
    }, 0);
  const used = (of: Shares) => of.find(({ ingredient }) => ingredient === useUp)?.share ?? 0;
  const [now, then] = [cost(first), cost(other)];
  return {
    fewerFlours: first.length - other.length,
    fewerBags: bags(first) - bags(other),
    cheaper: now === null || then === null ? null : now - then,
    usesUp: 100 * (used(other) - used(first)),
  };
}

/** Points of share by which each flour may stand off its usual share for a blend to be the usual one. */
const NEAR = 0.06;

/** Whether a blend is, within a few points, what such a bake is usually made of by this route. */
export const isUsual = (shares: Shares, usual: BenchFlours['usual']): boolean =>
  shares.length === Object.keys(usual).length &&
  shares.every(({ ingredient, share }) => Math.abs(share - (usual[ingredient] ?? -1)) <= NEAR);
