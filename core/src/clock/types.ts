import type { Docket } from '../docket';
import type { OwnPan, Serving } from '../kitchen';
import type { Avoidance } from '../vocabulary';
import type { Said } from '../words';

/** What kind of thing is done, or waited for. */
export const TASK_KINDS = [
  'out-of-cold',
  'mix',
  'rest',
  'shape',
  'preheat',
  'load',
  'bake',
  'unload',
  'cook',
  'cool',
  'finish',
  'clean',
  'serve',
] as const;
export type TaskKind = (typeof TASK_KINDS)[number];

interface Task {
  readonly id: string;
  /** The bake of the day that it belongs to. */
  readonly bake: string;
  readonly what: Said;
  /** Ids of the docket's steps that it is about. */
  readonly steps: readonly string[];
}

/** A stretch of work in one pair of hands, without a break. */
export interface Work extends Task {
  readonly kind: 'out-of-cold' | 'mix' | 'shape' | 'cook' | 'finish' | 'clean';
  readonly minutes: number;
  readonly mixer: boolean;
  /** It is watched, and given more by so many seconds: on the hob, or in a microwave. Null: it takes what it takes. */
  readonly burst: number | null;
}

/** Something in, in the oven, out: one rigid block. */
export interface Load extends Task {
  readonly kind: 'bake';
  /** That the plan allows for it, and when it is looked at first. */
  readonly minutes: number;
  readonly firstCheck: number | null;
  readonly celsius: number;
  readonly racks: number;
  readonly tray: { readonly n: number; readonly of: number } | null;
}

/** From the end of one to the begin of another there are at least, and at most, so many minutes. */
export interface Link {
  readonly from: string;
  /** A task, or the table. */
  readonly to: string;
  readonly least: number;
  readonly most: number | null;
  /** What is waited for meanwhile; null: nothing. */
  readonly wait: {
    readonly kind: 'rest' | 'cool' | 'cook';
    /** In the fridge. */
    readonly cold: boolean;
    readonly what: Said;
    readonly minutes: number;
    readonly steps: readonly string[];
  } | null;
}

/** The table, as the end of links. */
export const TABLE = 'table';

/** A moment of a task: so long after its begin, or its end. */
export interface Edge {
  /** A task, or the table. */
  readonly task: string;
  readonly at: 'begin' | 'end';
  readonly after: number;
}

/** The fridge, as something that there is only so much room in. */
export const FRIDGE = 'fridge';

/** Something that is taken up from one moment to another: tins of a kind, or room in the fridge. */
export interface Hold {
  /** The fridge, or the household's id of a tin. */
  readonly place: string;
  readonly amount: number;
  readonly from: Edge;
  readonly to: Edge;
}

/** What one docket asks of a day. */
export interface BakeTasks {
  readonly work: readonly Work[];
  readonly loads: readonly Load[];
  readonly links: readonly Link[];
  readonly holds: readonly Hold[];
}

/** By how much the hands of a household take longer than the table says, by kind of work; missing: nothing was timed. */
export type Pace = Readonly<Partial<Record<Work['kind'], number>>>;

/** An oven on the day. */
export interface DayOven {
  readonly id: string;
  readonly name: string;
  readonly racks: number;
  readonly preheatMinutes: number;
}

/** One docket of the day, and when it is to be on the table. */
export interface DayBake {
  readonly id: string;
  readonly docket: Docket;
  /** What somebody at its table must not meet, not even on a spoon. */
  readonly keptOut: readonly Avoidance[];
  readonly serving: Serving;
}

/** When nobody is awake, on the clocks of the place: `HH:mm`. */
export interface Asleep {
  readonly from: string;
  readonly to: string;
}

/** A task that is held where somebody wants it, or where it has begun. */
export interface Pin {
  readonly task: string;
  /** Ms since 1970. */
  readonly begins: number;
  /** It has begun: what it waited for no longer matters, and it may be over. */
  readonly begun: boolean;
  /** How long it took, or will; null: as planned. */
  readonly minutes: number | null;
  /** The oven that it stands in; null: any. */
  readonly oven: string | null;
}

/** A recipe of the household that is baked on its day. */
export interface PlannedBake {
  readonly id: string;
  readonly recipe: string;
  /** On the table, `YYYY-MM-DDTHH:mm` on the day's clocks. */
  readonly at: string;
  /** As this half batch of its designed trial, by its code; missing: as it is. */
  readonly trial?: string;
}

/** What a household says of its bake day. */
export interface DaySetup {
  /** IANA name. */
  readonly zone: string;
  readonly bakes: readonly PlannedBake[];
  readonly hands: number;
  readonly mixers: number;
  /** Bowls, trays and tins that the fridge takes at once; null: as many as come. */
  readonly fridge: number | null;
  /** Ids of the kitchen's ovens that are used; null: all of them. */
  readonly ovens: readonly string[] | null;
  readonly asleep: Asleep | null;
  readonly pins: readonly Pin[];
}

/** What a day is planned from. */
export interface DayAsk {
  readonly bakes: readonly DayBake[];
  readonly ovens: readonly DayOven[];
  /** Pairs of hands, and mixers. */
  readonly hands: number;
  readonly mixers: number;
  /** Dishes that the fridge takes at once; null: as many as come. */
  readonly fridge: number | null;
  /** The household's own tins: of a kind that it has none of there are as many as are wanted. */
  readonly tins: readonly OwnPan[];
  readonly pace: Pace;
  readonly asleep: Asleep | null;
  /** Nothing begins before, nor earlier than two days and a half before the table; ms since 1970. Null: nobody says. */
  readonly now: number | null;
  readonly pins: readonly Pin[];
  /** Conflicts that the search may run into. */
  readonly work: number;
}

/** Where a task stands in a plan. */
export interface PlannedTask {
  readonly id: string;
  /** Of the day's bakes; null: of the day itself. */
  readonly bake: string | null;
  readonly kind: TaskKind;
  readonly what: Said;
  readonly steps: readonly string[];
  /** Ms since 1970, and on the clocks of the place. */
  readonly begins: number;
  readonly ends: number;
  readonly at: string;
  readonly until: string;
  readonly handsOn: boolean;
  /** Which pair of hands, from 1; null: none. */
  readonly hands: number | null;
  readonly oven: string | null;
  readonly celsius: number | null;
  readonly tray: { readonly n: number; readonly of: number } | null;
  /** When it is looked at first, and when two shelves change places; ms since 1970. */
  readonly firstCheck: number | null;
  readonly swapAt: number | null;
  /** Seconds by which it is given more where it is watched; null: it isn't. */
  readonly burst: number | null;
}

/** How an oven is used. */
export interface OvenUse {
  readonly oven: string;
  readonly name: string;
  /** Minutes that it is on, preheating included. */
  readonly minutes: number;
  readonly settings: readonly number[];
}

export interface DayPlan {
  readonly outcome: 'plan';
  /** No plan begins later. */
  readonly proven: boolean;
  /** When the first task begins, and when at the latest any could; ms since 1970. */
  readonly begins: number;
  readonly atBest: number;
  readonly zone: string;
  readonly tasks: readonly PlannedTask[];
  readonly binds: readonly Said[];
  readonly ovens: readonly OvenUse[];
  /** Minutes that ovens are hot with something to come or in them, and those that no plan could do without; preheating apart. */
  readonly heat: { readonly minutes: number; readonly atLeast: number };
}

export interface NoDay {
  readonly outcome: 'infeasible';
  readonly reasons: readonly Said[];
  /** The smallest things to give, each enough by itself. */
  readonly relax: readonly Relief[];
}

/** Something that could be given, and by which the day is possible. */
export interface Relief {
  readonly what: Said;
  readonly give:
    | { readonly kind: 'serve-later'; readonly minutes: number }
    | { readonly kind: 'up-earlier'; readonly minutes: number }
    | { readonly kind: 'one-more-pair-of-hands' }
    | { readonly kind: 'one-more-oven' }
    | { readonly kind: 'one-more-tin'; readonly tin: string }
    | { readonly kind: 'more-fridge' }
    | { readonly kind: 'without'; readonly bake: string };
}
