import { INGREDIENTS, makeCatalogue, type Catalogue, type Ingredient, type Triple } from '../catalogue';
import type { Avoidance, EggSize, Locale, Style } from '../vocabulary';
import type { Microwave, Oven, Person, WeighedCup } from './household';
import type { KeptFigure, LearntTime } from './learning';

/** What is on hand of a flour, all its bags together. */
export interface Stock {
  readonly ingredient: string;
  readonly grams: number;
  /** In the household's money, of the bag that cost least; null where nobody wrote a price. */
  readonly pricePerKilo: number | null;
}

/** What the household knows of a label that it has at home: it answers in every recipe. */
export interface KnownLabel {
  readonly ingredient: string;
  /** Whose label: the household's own word on the bag, or the name of the thing. */
  readonly of: string;
  readonly certified: boolean;
  readonly without: readonly Avoidance[];
  /** The day on which it was read, `YYYY-MM-DD`; null: nobody wrote it down. */
  readonly on: string | null;
}

/**
 * Everything of a household that a computation may use: one frozen, serialisable snapshot. User data enters the core
 * no other way. `version` changes with any of it.
 */
export interface Kitchen {
  readonly version: string;
  /** Entries of the household's own, or in the place of the product's. */
  readonly ingredients: readonly Ingredient[];
  /** Null: nothing is written down, every flour may be bought. */
  readonly cupboard: readonly Stock[] | null;
  readonly ovens: readonly Oven[];
  readonly microwave: Microwave | null;
  readonly people: readonly Person[];
  readonly labels: readonly KnownLabel[];
  readonly weighed: readonly WeighedCup[];
  readonly eggSize: EggSize | null;
  readonly locale: Locale | null;
  /** Times that the household took over from what was learnt. Missing in snapshots that are older than this. */
  readonly learnt?: readonly LearntTime[];
  /** The other figures that it took over. Missing in snapshots that are older than this. */
  readonly kept?: readonly KeptFigure[];
}

export const BUILT_IN_KITCHEN: Kitchen = {
  version: 'built-in',
  ingredients: [],
  cupboard: null,
  ovens: [],
  microwave: null,
  people: [],
  labels: [],
  weighed: [],
  eggSize: null,
  locale: null,
};

const BUILT_IN_CATALOGUE = makeCatalogue(INGREDIENTS);
/** A cup of one bag varies by so much of itself from one filling to the next. Common practice. */
export const FILLING = 0.03;

/** An ingredient with the cup of the bag that is open now in the place of the table's usual one. */
function withOwnCup(one: Ingredient, { cupGrams }: WeighedCup): Ingredient {
  const usual = (Object.keys(one.cup)[0] ?? 'level') as Style;
  const cup: Triple = [cupGrams, cupGrams * (1 - FILLING), cupGrams * (1 + FILLING)];
  return { ...one, cup: { ...one.cup, [usual]: cup } };
}

/** An ingredient that drinks as it was learnt to. */
function thirstier(one: Ingredient, factor: number): Ingredient {
  if (!one.thirst) return one;
  const [central, low, high] = one.thirst;
  return { ...one, thirst: [central * factor, low * factor, high * factor] };
}

const merged = new WeakMap<Kitchen, Catalogue>();

/** The product's catalogue with the household's entries, weighed cups and learnt thirsts laid over it. Made once for a snapshot. */
export function catalogueOf(kitchen: Kitchen): Catalogue {
  const weighed = kitchen.weighed.filter(({ inUse }) => inUse);
  const thirsts = kitchen.kept?.filter(({ topic }) => topic === 'thirst') ?? [];
  if (kitchen.ingredients.length + weighed.length + thirsts.length === 0) return BUILT_IN_CATALOGUE;
  const known = merged.get(kitchen);
  if (known) return known;
  const byId = new Map([...INGREDIENTS, ...kitchen.ingredients].map((one) => [one.id, one]));
  for (const cup of weighed) {
    const one = byId.get(cup.ingredient);
    if (one) byId.set(one.id, withOwnCup(one, cup));
  }
  for (const { of, value } of thirsts) {
    const one = byId.get(of);
    if (one) byId.set(of, thirstier(one, value));
  }
  const made = makeCatalogue([...byId.values()]);
  merged.set(kitchen, made);
  return made;
}
