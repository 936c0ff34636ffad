import type { BlendPart, Relaxation } from '../blend';
import type { Account, Balance, BowlDoses, Finding, JudgedPart, Shift } from '../balance';
import type { TextureEstimate } from '../texture';
import type { GuardReport } from '../guard';
import type { Anchored, Browning } from '../heat';
import type { KeptFigure, Oven, PanSize } from '../kitchen';
import type { Medium } from '../process';
import type { Range } from '../quantity';
import type { Said } from '../words';
import type {
  Allergen,
  Avoidance,
  BalanceId,
  BinderSchool,
  Diet,
  FamilyId,
  Locale,
  RouteId,
  Strictness,
} from '../vocabulary';

/** What a line of the list is for. */
export type LineUse =
  | 'batter'
  | 'base'
  | 'filling'
  | 'icing'
  | 'top'
  | 'sauce'
  | 'tin'
  | 'bench'
  | 'frying'
  | 'glaze'
  | 'serving';

export interface DocketLine {
  readonly id: string;
  /** Null where the line can't be placed, or is not weighed. */
  readonly ingredient: string | null;
  readonly name: string;
  /** As a baker's list has it beside the weight: the author's own words where the line stays, else what it is called and counted. Missing on dockets that are older than this. */
  readonly words?: string;
  /** The whole line as a list prints it, weight and kitchen measure with it. Missing as `words` is. */
  readonly text?: string;
  /** Where it is counted: how many of what. Missing, as the next two, on dockets that are older than this. */
  readonly count?: { readonly n: number; readonly of: string } | null;
  /** How the recipe wants it: "softened". */
  readonly prep?: string | null;
  /** What it is for. */
  readonly for?: LineUse;
  /** Rounded as a cook weighs; null for "to taste". */
  readonly grams: Range | null;
  /** In US kitchen measures; null where nobody measures it by volume, or none comes near. */
  readonly volume: string | null;
  /** Grams of it in a US cup; null where nobody measures it by volume. */
  readonly cupGrams: number | null;
  /** The line of the recipe as it was written; null for a new one. */
  readonly source: string | null;
  readonly changed: boolean;
  readonly overruled: boolean;
}

export interface DocketPart {
  readonly id: string;
  readonly name: string | null;
  readonly blend: readonly (BlendPart & { readonly grams: number })[];
  readonly lines: readonly DocketLine[];
  readonly balances: readonly Balance[];
  readonly bySpoon: number;
  /** What it is converted as. */
  readonly family: FamilyId;
  /** The grams and moles behind its balances; empty on older dockets. */
  readonly accounts: readonly Account[];
}

/** What a step is for. */
export type StepKind = 'prepare' | 'mix' | 'rest' | 'shape' | 'heat' | 'cool' | 'finish';

export interface DocketStep {
  readonly id: string;
  /** As the recipe had it; null for a new step. */
  readonly source: string | null;
  readonly text: string;
  readonly changed: boolean;
  /** False where neither what it does nor what it names is known: it stands as written, and nothing was guessed. */
  readonly bound: boolean;
  /** Why something is said otherwise. */
  readonly because: readonly string[];
  /** Missing, as the next two, on dockets that are older than this. */
  readonly kind?: StepKind;
  /** Ids of the docket's lines that it works with. */
  readonly uses?: readonly string[];
  /** Which of the docket's stages it tells of; null: none. */
  readonly stage?: number | null;
}

/** How it should look in the bowl, and what to do when it doesn't. */
export interface DocketBowl extends BowlDoses {
  readonly mixed: Said;
  readonly rested: Said;
  /** The small piece that tells before the whole batch is baked; null where that isn't cheap. */
  readonly pilot: Said | null;
}

/** A shift, with the balance that asked for it; null where none did. */
export interface DocketShift extends Shift {
  readonly balance: BalanceId | null;
}

export interface DocketBake {
  /** Null where it sees no oven: fried, steamed, on a griddle, in a microwave. Its minutes are the recipe's own then. */
  readonly ovenCelsius: number | null;
  readonly fan: boolean;
  readonly pan: PanSize | null;
  /** Of the batter before it rises, cm. */
  readonly depthCm: number;
  readonly minutes: Range | null;
  /** How many times it is baked; oven and minutes are those of the longest. Nothing on dockets that are older than this. */
  readonly ofStages?: number;
  readonly firstCheck: number | null;
  /** True over simulated time of the wheat recipe; null when it states no time. */
  readonly anchor: number | null;
  readonly doneCelsius: number;
  readonly doneSigns: string;
  readonly coolMinutes: number;
  /** The coldest place, and the top of the middle. */
  readonly centre: readonly (readonly [minute: number, celsius: number])[];
  readonly crust: readonly (readonly [minute: number, celsius: number])[];
  /** Half way up at the wall; on a tray the underside. Empty on dockets that are older than this, as are the next ones. */
  readonly edge: readonly (readonly [minute: number, celsius: number])[];
  /** What is waited for last: the middle’s heat, or water that has to go; null where nothing is simulated. */
  readonly doneBy: 'centre' | 'water' | null;
  /** What set the simulated time right, and by what it was stretched for that. */
  readonly anchored: Anchored;
  readonly stretch: number;
  /** What of that the kitchen has learnt, and from how many bakes; null: nothing. Missing on dockets that are older than this. */
  readonly learnt?: { readonly factor: number; readonly bakes: number } | null;
  /** As it comes to the oven, °C, and what else is special about that, in words. */
  readonly startCelsius: number;
  readonly startWords: string | null;
  /** °C at which the starch of it has set. */
  readonly setCelsius: number | null;
  /** How brown its top is when done, and at the end of the window. */
  readonly browning: { readonly done: Browning; readonly late: Browning } | null;
  /** The warmest place as it leaves the tin, °C, and minutes from the oven until it is cold enough to cut. */
  readonly cooling: { readonly afterTin: number; readonly cold: number | null } | null;
  /** Pieces on a tray: how many, of what scoop, how wide at last. */
  readonly piece: { readonly count: number; readonly ml: number; readonly acrossCm: number } | null;
  /** W of the microwave that it is cooked in; null: in none. */
  readonly watts: number | null;
  /** The oven of the household, and how much hotter (+) than its dial it is there, °C; null: nothing is known of it. */
  readonly oven: (Pick<Oven, 'name' | 'hotSide' | 'preheatMinutes'> & { readonly offset: number }) | null;
}

/** One stretch of heat or cold, as the docket's steps say it. */
export interface DocketStage {
  readonly medium: Medium;
  /** What the oven is set to; null where it is none, or nothing is said. */
  readonly ovenCelsius: number | null;
  readonly oilCelsius: number | null;
  readonly fan: boolean;
  readonly minutes: Range | null;
  readonly firstCheck: number | null;
  /** What is done, in its own words; of what, and in what. */
  readonly what: string;
  readonly mixture: string | null;
  readonly pan: PanSize | null;
  /** Its size is the page's or somebody's own; else as such a tin usually is. */
  readonly sized: boolean;
  /** What the author calls a dish that it stands in; missing where it is none. */
  readonly vessel?: string;
}

/** Minutes of work, and from the first to the last of it. */
export interface DocketTimes {
  readonly handsOn: number;
  readonly total: number;
}

/** Tins of one bake that are filled alike, where not all are. */
export interface DocketTin {
  readonly count: number;
  /** Batter for each, g. */
  readonly batter: number;
  /** What is folded into each; null: nothing. */
  readonly folded: { readonly ingredient: string; readonly name: string; readonly grams: number } | null;
  readonly minutes: Range | null;
  readonly firstCheck: number | null;
}

export interface DocketGuard extends GuardReport {
  readonly diet: Diet;
  readonly without: readonly Avoidance[];
  readonly gluten: Strictness;
  /** The people at the table by their names; empty for one without a name. */
  readonly forWhom: readonly string[];
  /** Allergens that the swaps bring in. */
  readonly newTo: readonly Allergen[];
}

/** What one is asked where the docket hangs on it. */
export interface DocketAsk {
  readonly question: Said;
  readonly choices: readonly { readonly family: FamilyId; readonly name: string }[];
}

/** What was converted, or goes out as it stands: there was nothing on it to replace. */
export type Conversion = 'converted' | 'as-written';

/** The converted recipe as you would pin it up. */
export interface Docket {
  readonly schema: 7;
  readonly title: string;
  readonly family: { readonly id: FamilyId; readonly name: string; readonly confidence: number };
  readonly route: RouteId;
  readonly school: BinderSchool;
  readonly parts: readonly DocketPart[];
  /** Other blends for the same bake, best first after the one taken. */
  readonly otherBlends: readonly (readonly BlendPart[])[];
  readonly shifts: readonly DocketShift[];
  readonly method: readonly DocketStep[];
  readonly guard: DocketGuard;
  readonly rest: {
    readonly minutes: readonly [number, number];
    readonly cold: boolean;
    /** It is the recipe's own: its step says so already. Missing on dockets that are older than this. */
    readonly own?: boolean;
    readonly uptake: number;
    /** Minutes in which a portion is cold through, and in the freezer firm enough to keep its shape; null: no matter here. */
    readonly chilled: number | null;
    readonly frozen: number | null;
  };
  readonly bake: DocketBake;
  /** Missing, as the next four, on dockets that are older than this. */
  readonly stages?: readonly DocketStage[];
  /** Which of them the bake is known by; null: none of them is in an oven or a microwave. */
  readonly mainStage?: number | null;
  /** Whose measures its page speaks in. */
  readonly locale?: Locale;
  /** Minutes of work, and from the first to the last of it. */
  readonly times?: DocketTimes;
  /** What it makes, in the amount that is made; null: it isn't said. */
  readonly makes?: { readonly low: number; readonly high: number; readonly what: string } | null;
  /** Empty where all tins are alike. */
  readonly tins: readonly DocketTin[];
  /** Null on dockets that are older than this. */
  readonly bowl: DocketBowl | null;
  /** Against the wheat original: an estimate with reasons, never a fact. */
  readonly texture: readonly TextureEstimate[];
  readonly warnings: readonly Said[];
  /** Whether anything had to be replaced. Missing, as the next, on dockets that are older than this. */
  readonly conversion?: Conversion;
  /** Of a recipe that goes out as it is: how it stands. */
  readonly judgement?: Judgement | null;
  /** The one question that it hangs on; null: none. */
  readonly ask?: DocketAsk | null;
  /** Figures of what the kitchen has learnt that entered it, beside its time's. Missing on dockets that are older than this. */
  readonly kept?: readonly KeptFigure[];
}

/** What may come of a conversion other than a docket, with what could be let go. */
export interface NoDocket {
  readonly outcome: 'infeasible' | 'nothing-to-convert';
  readonly reasons: readonly Said[];
  /** The smallest things to let go that would make it possible. */
  readonly relax: readonly Said[];
  /** Of these, what of the blend’s wishes one press lets go. */
  readonly ways: readonly Relaxation[];
  readonly guard: GuardReport;
}

/** A recipe as it is, held against what works: for one that is without gluten already. */
export interface Judgement {
  readonly family: FamilyId;
  /** Each against the bands of its own family: a crumble on a muffin is a crumble. */
  readonly parts: readonly (Pick<JudgedPart, 'route' | 'balances'> & {
    readonly name: string | null;
    readonly family: FamilyId;
  })[];
  /** Of the part that the bake is named for: fillings and icings are their own kind. Most likely first. */
  readonly findings: readonly Finding[];
}

export type Outcome = { readonly outcome: 'docket'; readonly docket: Docket } | NoDocket;
