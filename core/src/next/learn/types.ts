import { NOTHING_LEARNT, type BakeNotes, type KeptFigure, type KitchenLearning } from '../../kitchen';
import type { Foretold } from '../../log';
import type { FamilyId } from '../../vocabulary';

/** A flour of a bake: its share of the blend's thirst, and how far its thirst may be off, as a logarithm. */
export interface ThirstShare {
  readonly ingredient: string;
  readonly name: string;
  readonly share: number;
  readonly sd: number;
}

/** A logged bake, as far as something can be learnt from it. */
export interface LoggedBake {
  readonly id: string;
  readonly recipe: string;
  readonly title: string;
  readonly notes: BakeNotes;
  readonly foretold: Foretold;
  /** By what its docket had stretched the time already, for what was learnt before. */
  readonly learntFactor: number;
  /** Other figures that its docket counted with already. */
  readonly kept: readonly KeptFigure[];
  /** Words of blind tasters on it, 1 to 5, 3 just about right; missing: nobody was asked. */
  readonly justRight: Readonly<Partial<Record<TastedTopic, readonly number[]>>>;
  readonly family: FamilyId;
  /** The household's oven; null: none is named. */
  readonly oven: string | null;
  /** Shape of its tin, or "pieces". */
  readonly tin: string;
  readonly doneCelsius: number | null;
  /** Water that its flours were to take up, g; and by which of them. */
  readonly thirstGrams: number | null;
  readonly flours: readonly ThirstShare[];
  /** Binder, g xanthan-equivalent per 100 g flour. */
  readonly binder: number | null;
  /** It came from somebody else's file. */
  readonly imported: boolean;
}

/** What just-about-right answers are learnt of. */
export const TASTED_TOPICS = ['sweetness', 'moistness'] as const;
export type TastedTopic = (typeof TASTED_TOPICS)[number];

/** What bakes teach. */
export const BAKE_TOPICS = ['time', 'offset', 'thirst', 'dose', 'done', ...TASTED_TOPICS] as const;
export type BakeTopic = (typeof BAKE_TOPICS)[number];
/** What a kitchen is learnt about: of bags by weighing a cup. */
export type Topic = BakeTopic | 'density';

/** What a bake taught of a topic, or a bag that was weighed. */
export interface Taught {
  readonly bake: string;
  readonly on: string;
  /** In the topic's unit: a factor, of ovens and doneness °C, of a bag g a cup. */
  readonly value: number;
}

/** Why a bake taught nothing. */
export interface Refused {
  readonly bake: string;
  readonly on: string;
  readonly why: string;
  /** It is so far off that somebody is asked: it teaches once they say so. */
  readonly ask: boolean;
}

/** A belief in its topic's unit: the middle, and where four of five lie. */
export interface Believed {
  readonly middle: number;
  readonly low: number;
  readonly high: number;
}

/** What a time is learnt of. */
export type OfTime = Pick<LoggedBake, 'oven' | 'tin' | 'family'>;

/** One thing that a kitchen has learnt, or could. */
export interface Learnt {
  readonly topic: Topic;
  /** An oven's id, a flour's, a family: what it is of; parts by " · ". */
  readonly of: string;
  /** Of a time: its oven, tin and kind of bake; null: of something else. */
  readonly time: OfTime | null;
  readonly prior: Believed;
  readonly posterior: Believed;
  readonly taught: readonly Taught[];
  readonly refused: readonly Refused[];
  /** What was seen is enough to move the product's own figure. */
  readonly moved: boolean;
  /** From this bake on the series is another: the oven may have been mended or replaced. Null: it isn't. */
  readonly breakAt: Taught | null;
}

/** What somebody has said about what may be learnt. */
export type Taken = Pick<KitchenLearning, 'forgotten' | 'trusted' | 'since'>;

export const NOTHING_TAKEN: Taken = NOTHING_LEARNT;
