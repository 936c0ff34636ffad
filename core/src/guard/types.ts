import type { Ask, Reason } from './says';
import type {
  Allergen,
  GlutenClass,
  GrainClass,
  LabelFact,
  OtherAvoidance,
  QuestionKind,
} from '../vocabulary';

/** What the guard says of one line. */
export interface LineGuard {
  readonly line: string;
  readonly source: string;
  readonly gluten: GlutenClass;
  readonly grain: GrainClass;
  readonly allergens: readonly Allergen[];
  readonly possible: readonly Allergen[];
  /** What else people avoid that it holds, or may hold: corn, oats, gums, nightshades. Missing on dockets that are older than this. */
  readonly others?: { readonly has: readonly OtherAvoidance[]; readonly maybe: readonly OtherAvoidance[] };
  /** Why; null where there is nothing to say. */
  readonly reason: Reason | null;
  /** Words to look for on its label, for these people; null where there is no label to read. */
  readonly lookFor: string | null;
}

/** Gluten that only the method names. */
export interface MethodGuard {
  readonly step: string;
  readonly source: string;
  readonly words: string;
  readonly reason: string;
  readonly instead: string;
}

/** Something that stays open until a person answers. */
export interface Question {
  readonly line: string;
  readonly kind: QuestionKind;
  readonly source: string;
  readonly ask: Ask;
  /** Changes with the line, with its ingredients and with whom it is for: an answer holds for the key that it was given to. */
  readonly key: string;
  /** What the label of a blend is still to be looked up for. */
  readonly facts: readonly LabelFact[];
  /** Who or what settled it, and when; null while it is open. */
  readonly settled: Settled | null;
}

/** Who saw to something: a person as they sign, or a label at home; and on which day (`YYYY-MM-DD`), where that is known. */
export interface Settled {
  readonly by: string;
  readonly on: string | null;
}

/** `answered`: there were questions, and a person has answered each. Never "clear", never "safe". */
export type GuardState = 'open' | 'answered' | 'nothing open';

export interface Caution {
  readonly id: string;
  readonly text: string;
}

/** How a line stands for one person: it holds what they avoid, it may, or nothing speaks against it. */
export type Standing = 'out' | 'ask' | 'nothing known';

export interface PersonGuard {
  /** Null: the household no longer has them; what they avoided is guarded all the same. */
  readonly person: string | null;
  readonly name: string;
  /** The household no longer has them, or has them looser than they are guarded here. */
  readonly kept: 'gone' | 'looser' | null;
  readonly lines: readonly {
    readonly line: string;
    readonly standing: Standing;
    readonly why: readonly string[];
  }[];
}

/** Something on a line or in a step that is not to be eaten. */
export interface NotForEating {
  /** The line or the step. */
  readonly line: string;
  readonly words: string;
  readonly reason: string;
}

export interface GuardReport {
  readonly state: GuardState;
  readonly lines: readonly LineGuard[];
  readonly method: readonly MethodGuard[];
  readonly people: readonly PersonGuard[];
  readonly open: readonly Question[];
  readonly answered: readonly Question[];
  /** What holds on to gluten in the kitchen; empty unless somebody needs certified goods. */
  readonly crossContact: readonly {
    readonly id: string;
    readonly check: string;
    readonly done: Settled | null;
  }[];
  /** What stands on it and is no food: flowers, leaves and kernels for the eye alone. */
  readonly notForEating: readonly NotForEating[];
  readonly cautions: readonly Caution[];
  /** The day of the newest answer that holds, `YYYY-MM-DD`; null while nobody has answered. */
  readonly checkedOn: string | null;
}
