import type { FamilyId, RouteId } from '../vocabulary';

type Pair = readonly [low: number, high: number];

/** Bands of a converted bake. */
export interface BandRow {
  /** g xanthan-equivalent per 100 g flour. */
  readonly xanthan: Pair;
  /** Share of pure starch in the blend. */
  readonly starch: Pair;
  readonly drinkThirst: Pair;
  /** mmol CO₂ per 100 g batter. */
  readonly lift: Pair;
}

/** What the bowl should look like, and the small piece that tells before the whole batch is baked; null where that isn't cheap. */
export interface Looks {
  readonly mixed: string;
  readonly rested: string;
  readonly pilot: string | null;
}

/** What the engine must know of a family to convert it. */
export interface Profile {
  /** Usual xanthan, g per 100 g flour, at the usual gluten use (g flour protein per 100 g batter); 0: it goes without. */
  readonly xanthan: number;
  /** The least that careful practice uses where any is used, g per 100 g flour. */
  readonly leastXanthan: number;
  readonly glutenUse: number;
  /** Usual egg, g per 100 g flour: what is above it binds in the place of gum. */
  readonly usualEgg: number;
  /** What is in the bowl: it is rested, mixed and thinned by that. */
  readonly texture: 'dough' | 'batter';
  /** Liquid that careful practice adds at the bowl, g per 100 g flour, from a blend that drinks little to one that drinks much. */
  readonly liquid: Pair;
  /** By how much lift is raised for the weaker crumb (0–0.25). */
  readonly moreLift: number;
  /** Rest, minutes, and whether it is in the cold. */
  readonly rest: readonly [low: number, high: number];
  readonly restCold: boolean;
  /** Centre when done, °C. */
  readonly doneCelsius: number;
  /** Share of the batter's weight lost as water when done; and whether that is so however deep it is: it is to be dry right through. */
  readonly waterLost: number;
  readonly dryThrough: boolean;
  readonly porosityRaw: number;
  readonly rise: number;
  /** Batter density as it goes into the oven, g per ml: what is raised by yeast has risen once by then. */
  readonly density: number;
  /** How it is cooked when the recipe names no oven; `cold`: not at all, it sets. No family is, but a page may be. */
  readonly cooked: 'oven' | 'griddle' | 'fried' | 'steamed' | 'microwave' | 'cold';
  /** When the recipe says nothing: °C, and the depth of the batter in cm. */
  readonly usualOven: number;
  readonly usualDepthCm: number;
  /** Pieces on a tray: they run as they bake, they stand, they were rolled to a height; null: it is no matter of pieces. */
  readonly piece: 'spreads' | 'stands' | 'rolled' | null;
  /** Depth with its filling, cm, where the parts go into the oven together; null where each part is by itself. */
  readonly filledDepthCm: number | null;
  /** It stands on a foam of egg, which mustn't fall. */
  readonly foam: boolean;
  /** Work at the bowl, minutes. */
  readonly mixMinutes: number;
  /** Butter and eggs are wanted at room temperature: cold ones curdle what is creamed. */
  readonly warmStart: boolean;
  readonly coolMinutes: number;
  readonly doneSigns: string;
}

/** Kinds inside a family whose batter stands apart from it. */
export type KindId = 'crêpe' | 'angel' | 'tuile' | 'yeasted';
/** What egg does in a bake beside binding. `sets`: a custard, in whatever bake it stands. */
export type EggJob = 'binds' | 'whips' | 'moistens' | 'lifts' | 'puffs' | 'sets' | 'glazes';

/** What in the bowl tells such a kind. */
export type KindSign = 'unraised' | 'of white alone' | 'of white alone, and wet' | 'raised by yeast';

/** Everything that is known of a family, in one place. A field that is missing doesn't compile. */
export interface FamilyRecord extends Profile {
  /** A recipe of it, g per 100 g of flour. */
  readonly ratios: readonly [water: number, fat: number, sugars: number, egg: number];
  /**
   * The most that bakes which are liked have of it: free water, g per 100 g of flour and sugars together; fat, sugars and egg that
   * are added, g per 100 g of flour. Null: it may be any. Common practice, beside what a hundred recipes with wheat have.
   */
  readonly most: readonly [
    drink: number | null,
    fat: number | null,
    sugars: number | null,
    egg: number | null,
  ];
  /** What names it in a title or method; and whether it is only ever known by that: what is fried or steamed says so. */
  readonly words: RegExp;
  /** What names it in a title and nowhere else: in a method it may be an ingredient. */
  readonly titles: RegExp | null;
  readonly onlyNamed: boolean;
  /** What egg does in it beside binding: it is whipped, it moistens and sets, it lifts, it puffs a shell up. */
  readonly egg: EggJob;
  /** Fat is rubbed in, or kept cold in the flour. */
  readonly rubbedIn: boolean;
  /** Yeast raises it. */
  readonly yeast: boolean;
  /** It is dark and thin enough to hide some soda that finds no acid. */
  readonly hidesSoda: boolean;
  /** It runs as it bakes, so that more or less of it is to be told. */
  readonly spreads: boolean;
  readonly bands: BandRow;
  /** Where a bake by such a way stands apart from the family. */
  readonly bandsBy: Readonly<Partial<Record<RouteId, BandRow>>>;
  readonly kind: {
    readonly id: KindId;
    readonly when: KindSign;
    readonly bands: Partial<BandRow>;
    /** What is usual in it and not in its family. */
    readonly usual?: Partial<Pick<Profile, 'xanthan' | 'leastXanthan' | 'liquid'>>;
  } | null;
  /** Ways from wheat that common practice has for it. */
  readonly ways: readonly RouteId[];
  /** The blend that it is aimed at, percent; a way that isn't here is aimed at its usual one. */
  readonly blends: Readonly<Partial<Record<RouteId, Readonly<Record<string, number>>>>>;
  readonly looks: Looks;
}

export type FamilyTable = Readonly<Record<FamilyId, FamilyRecord>>;
