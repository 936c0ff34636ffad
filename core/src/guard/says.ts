import type { Bare, LabelFact, SaidOf, WordedSays } from '../vocabulary';

/** Why a line stands as it stands. */
export interface ReasonSays {
  readonly unplaced: Bare;
  readonly 'not-wheat-free': Bare;
  readonly 'claims-free': Bare;
  readonly 'read-as': { readonly name: string };
  /** A flour that a line names, and that none of what was read of it is. */
  readonly 'flour-unread': { readonly words: string };
}
export type Reason = SaidOf<ReasonSays & WordedSays>;

/** What a person is asked. */
export interface AskSays {
  readonly 'cereal-named': { readonly reason: Reason | null };
  readonly 'bag-certified': Bare;
  readonly 'makers-wheat': { readonly reason: Reason | null };
  readonly 'makers-bring': { readonly what: readonly string[] };
  readonly 'lines-carry': { readonly what: readonly string[] };
  readonly 'read-right': { readonly name: string };
  /** `note`: what the household knows of it. */
  readonly 'your-own': { readonly note: string };
  readonly 'what-is-it': Bare;
  readonly 'blend-names': { readonly facts: readonly LabelFact[] };
  readonly 'grain-source': Bare;
  /** What holds something that is out, with nothing known to stand in for it, on a line that may have been misread. */
  readonly 'read-at-all': { readonly why: string };
  /** Gluten that only a step names; reason and stand-in are the table's own. */
  readonly 'step-gluten': { readonly words: string; readonly reason: string; readonly instead: string };
  readonly 'step-names': {
    readonly at: number;
    readonly words: string;
    readonly avoided: readonly string[];
    readonly now: string | null;
  };
}
export type Ask = SaidOf<AskSays & WordedSays>;

export type GuardSays = ReasonSays & AskSays;
