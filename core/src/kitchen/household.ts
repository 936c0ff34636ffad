import type { OwnIngredient } from '../catalogue';
import type { EggSize, HotSide, Locale } from '../vocabulary';
import type { Needs } from './needs';
import type { PanSize } from './documents';
import { NOTHING_LEARNT, type KitchenLearning } from './learning';

/** Somebody who eats here. The name may stay empty: an allergy is enough. */
export interface Person extends Needs {
  readonly id: string;
  readonly name: string;
}

/** Somebody whom the household has taken away, and on which day (`YYYY-MM-DD`): kept for a while, to be brought back. */
export interface Binned {
  readonly person: Person;
  readonly on: string;
}

/** What a US cup of one bag weighs in this kitchen: weighed once, it holds from then on. */
export interface WeighedCup {
  readonly id: string;
  readonly ingredient: string;
  /** Which bag: makers differ. */
  readonly bag: string;
  readonly cupGrams: number;
  /** The calendar day, `YYYY-MM-DD`. */
  readonly on: string;
  /** The bag that is open now: of one ingredient at most one. */
  readonly inUse: boolean;
}

/** A recipe of the household that may stand in another's list. */
export interface HouseRecipe {
  readonly recipe: string;
  /** What other recipes call it. */
  readonly name: string;
  /** As it was written, or as its docket has it. */
  readonly as: 'written' | 'converted';
}

/** A part of a jar by share of its weight. */
export interface JarPart {
  readonly ingredient: string;
  readonly share: number;
}

/** Flours mixed and kept in a jar; or a bought blend, with the shares that its label gives away. */
export interface HouseBlend {
  readonly id: string;
  readonly name: string;
  readonly kind: 'mixed' | 'bought';
  readonly madeOf: readonly JarPart[];
  /** What it was made of before, the newest first, and until which day (`YYYY-MM-DD`). */
  readonly earlier: readonly { readonly until: string; readonly madeOf: readonly JarPart[] }[];
}

/** A tin of the household by its own name. */
export interface OwnPan {
  readonly id: string;
  readonly name: string;
  readonly size: PanSize;
}

/** What a thermometer in an oven said, once the oven had settled. */
export interface OvenReading {
  readonly dialCelsius: number;
  readonly trueCelsius: number;
  readonly fan: boolean;
  /** `YYYY-MM-DD`. */
  readonly on: string;
}

/** An oven of the household, and what is known of its temper. */
export interface Oven {
  readonly id: string;
  readonly name: string;
  /** The one that recipes are baked in where they name none; at most one is. */
  readonly inUse: boolean;
  readonly fan: boolean;
  readonly readings: readonly OvenReading[];
  /** Until it has settled, minutes; null: nobody took the time. */
  readonly preheatMinutes: number | null;
  /** Trays that it takes at once. */
  readonly racks: number;
  readonly hotSide: HotSide;
}

/** The power of a microwave, W, as its water test has it, and on which day it was taken. */
export interface Microwave {
  readonly watts: number;
  readonly on: string;
}

/** Everything of a household that its recipes share: one document, read whole. */
export interface KitchenDocument {
  readonly schema: 4;
  readonly people: readonly Person[];
  readonly ingredients: readonly OwnIngredient[];
  readonly recipes: readonly HouseRecipe[];
  readonly blends: readonly HouseBlend[];
  readonly weighed: readonly WeighedCup[];
  /** The eggs in the house where a recipe names no size; null: the usual one of the recipe's place. */
  readonly eggSize: EggSize | null;
  /** Whose cups and spoons a recipe without a sign means; null: as its units suggest. */
  readonly locale: Locale | null;
  readonly pans: readonly OwnPan[];
  readonly ovens: readonly Oven[];
  /** Null: nobody has tested it. */
  readonly microwave: Microwave | null;
  readonly bin: readonly Binned[];
  readonly learning: KitchenLearning;
}

export const EMPTY_KITCHEN: KitchenDocument = {
  schema: 4,
  people: [],
  ingredients: [],
  recipes: [],
  blends: [],
  weighed: [],
  eggSize: null,
  locale: null,
  pans: [],
  ovens: [],
  microwave: null,
  bin: [],
  learning: NOTHING_LEARNT,
};
