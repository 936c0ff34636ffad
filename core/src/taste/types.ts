import type { Allergen, GlutenClass, GrainClass, OtherAvoidance } from '../vocabulary';
import type { Needs } from '../kitchen';

/** What is asked of tasters. */
export const TASTE_TESTS = ['triangle', 'duo-trio', 'paired', 'just-right', 'liking', 'ranking'] as const;
export type TasteTest = (typeof TASTE_TESTS)[number];

/** What a sample holds, of all its lines: the worst of them. */
export interface Holds {
  readonly allergens: readonly Allergen[];
  /** By maker, or until a label is read. */
  readonly possible: readonly Allergen[];
  /** Corn, oats, gums, nightshades. Missing in tastings that are older than this. */
  readonly others?: { readonly has: readonly OtherAvoidance[]; readonly maybe: readonly OtherAvoidance[] };
  readonly gluten: GlutenClass;
  readonly grain: GrainClass;
}

/** Something that is tasted: a bake, and what is in it. */
export interface Sample {
  readonly id: string;
  readonly name: string;
  /** The bake of the log that it is. */
  readonly bake: string;
  readonly holds: Holds;
}

/** Somebody who tastes. */
export interface Taster extends Needs {
  readonly id: string;
  /** Of the household's people; null: a guest, or somebody who was erased. */
  readonly person: string | null;
  readonly name: string;
}

/** A cup in front of a taster: its code, and which sample is in it. */
export interface Cup {
  readonly code: string;
  /** Place in the list of samples. */
  readonly sample: number;
  /** It is named as the one to compare with. */
  readonly reference: boolean;
}

/** What one taster gets, in order, in one round. */
export interface Tray {
  readonly taster: string;
  readonly round: number;
  readonly cups: readonly Cup[];
}

/** A tray as whoever tastes may know it: codes, and never what stands behind them. */
export interface BlindTray extends Omit<Tray, 'cups'> {
  readonly cups: readonly Omit<Cup, 'sample'>[];
}

/** What a taster has answered, by code. */
export type Answer =
  /** The odd one, or the one like the reference. */
  | { readonly kind: 'pick'; readonly code: string }
  /** Which has more of it, or is preferred; null: can't tell. */
  | { readonly kind: 'more'; readonly code: string | null }
  /** From the least to the most; those in one list are tied. */
  | { readonly kind: 'order'; readonly groups: readonly (readonly string[])[] }
  /** 1 to 9 each. */
  | { readonly kind: 'liking'; readonly marks: Readonly<Record<string, number>> }
  /** 1 to 5 each, 3 just about right; and how it is liked, 1 to 9. */
  | {
      readonly kind: 'just-right';
      readonly marks: Readonly<Record<string, number>>;
      readonly liking: Readonly<Record<string, number>>;
    };

/** A ballot that was handed in. */
export interface Ballot {
  readonly id: string;
  readonly taster: string;
  readonly round: number;
  /** Ms since 1970. */
  readonly at: number;
  readonly answer: Answer;
  readonly words: string;
}

/** A tasting, from its setting up to its end. */
export interface TastingDocument {
  readonly schema: 1;
  readonly name: string;
  /** `YYYY-MM-DD`. */
  readonly on: string;
  readonly test: TasteTest;
  /** What is judged, in a word: "moister", "sweetness". Empty: as a whole. */
  readonly about: string;
  readonly samples: readonly Sample[];
  readonly tasters: readonly Taster[];
  /** Ids of tasters who went: the others' codes and orders stay as they were. */
  readonly withdrawn: readonly string[];
  /** Times that each taster tastes: more than once only to learn whether this panel can tell. */
  readonly rounds: number;
  /** A round before, whose truth is told at once and which counts for nothing: tests of a difference. Missing: none. */
  readonly training?: boolean;
  /** Who put the codes on and doesn't taste. */
  readonly coder: string;
  /** What the codes and orders are made from. */
  readonly seed: number;
  readonly stage: 'set up' | 'tasting' | 'closed';
  readonly ballots: readonly Ballot[];
}
