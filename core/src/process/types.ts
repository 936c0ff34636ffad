import type { Pan } from '../read';
import type { ActionClass } from './data/verbs';

/** A stretch of a step: connector and body. The clauses of a step tile it. */
export interface Clause {
  /** The id of its step. */
  readonly step: string;
  readonly from: number;
  readonly to: number;
  readonly text: string;
  /** It begins a sentence. */
  readonly first: boolean;
}

/** Minutes that are said of an action. */
export interface Minutes {
  readonly low: number;
  readonly high: number;
}

export type Medium = 'oven' | 'fried' | 'griddle' | 'steamed' | 'boiled' | 'microwave' | 'chilled';

/** What is done in one clause, and what is said of it. */
export interface Action extends Clause {
  readonly id: string;
  /** As written; null where the clause has none, as a quarter of them do. */
  readonly verb: string | null;
  readonly class: ActionClass | null;
  readonly minutes: Minutes | null;
  readonly celsius: number | null;
  readonly medium: Medium | null;
  /** The cue: "until golden". */
  readonly until: string | null;
}

/** One stretch of heat, or of cold, that something of the bake goes through. */
export interface Stage {
  readonly medium: Medium;
  /** As stated; null where nothing is. */
  readonly ovenCelsius: number | null;
  readonly oilCelsius: number | null;
  /** The temperature stated is that of an oven with a fan. */
  readonly fan: boolean;
  readonly minutes: Minutes | null;
  /** What is done: "bake blind", "fry". */
  readonly what: string;
  readonly step: string;
}

/** What the page says of the bake itself: the heat of its longest stage in the oven, and the tin. Nothing is filled in. */
export interface BakeFacts {
  readonly ovenCelsius: number | null;
  readonly fan: boolean;
  readonly minutes: Minutes | null;
  readonly pan: Pan | null;
}
