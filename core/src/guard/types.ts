import type { Allergen, GlutenClass, GrainClass } from '../vocabulary';

/** What the guard says of one line. */
export interface LineGuard {
  readonly line: string;
  readonly source: string;
  readonly gluten: GlutenClass;
  readonly grain: GrainClass;
  readonly allergens: readonly Allergen[];
  readonly possible: readonly Allergen[];
  readonly reason: string;
}

export type QuestionKind = 'unknown' | 'near' | 'label' | 'certified' | 'conflict' | 'possible' | 'weight';

/** Something that stays open until a person answers. */
export interface Question {
  readonly line: string;
  readonly kind: QuestionKind;
  readonly source: string;
  readonly ask: string;
}

/** `answered`: there were questions, and a person has answered each. Never "clear", never "safe". */
export type GuardState = 'open' | 'answered' | 'nothing open';

export interface Caution {
  readonly id: string;
  readonly text: string;
}

export interface GuardReport {
  readonly state: GuardState;
  readonly lines: readonly LineGuard[];
  readonly open: readonly Question[];
  readonly answered: readonly Question[];
  readonly cautions: readonly Caution[];
}
