import type { PanSize } from '../kitchen';
import type { Range } from '../quantity';
import type { FamilyId, Locale, Role } from '../vocabulary';

/** How sure the reader is of an ingredient: `near` was found by tolerance and is a question, `none` is unknown. */
export type MatchKind = 'exact' | 'near' | 'none';

/** One thing on a line; "butter and flour for the tin" has two. */
export interface Item {
  /** Id in the catalogue; null when the reader can't place it. */
  readonly ingredient: string | null;
  readonly name: string;
  readonly words: string;
  readonly match: MatchKind;
  readonly role: Role;
  /** As written: how many of which unit. Null quantity: none is given, or several were added up; null unit: pieces. */
  readonly quantity: Range | null;
  readonly unit: string | null;
  readonly grams: Range | null;
  /** It is named beside another ("butter or margarine"): it counts for the guard, not for the weight. */
  readonly alternative: boolean;
}

export type LineKind = 'ingredient' | 'heading' | 'note';

export interface Line {
  readonly id: string;
  /** As written. */
  readonly source: string;
  readonly kind: LineKind;
  readonly items: readonly Item[];
  /** For the tin, the bench or the brush: it has no weight of its own in the bake. */
  readonly aside: boolean;
  /** A volume or a count was measured: the doubt is that of a cup. */
  readonly measuredBy: 'weight' | 'volume' | 'count' | 'hand' | null;
}

export interface Part {
  readonly id: string;
  /** Null for the part that the recipe doesn't name. */
  readonly name: string | null;
  readonly lines: readonly Line[];
}

export interface Step {
  readonly id: string;
  readonly source: string;
}

/** A tin as the text has it. */
export interface Pan extends PanSize {
  readonly words: string;
}

/** What the text says of the bake. Nothing is filled in. */
export interface BakeFacts {
  readonly ovenCelsius: number | null;
  readonly fan: boolean;
  readonly minutes: { readonly low: number; readonly high: number } | null;
  readonly pan: Pan | null;
}

export interface Recipe {
  readonly schema: 1;
  readonly title: string;
  readonly locale: Locale;
  readonly family: { readonly id: FamilyId; readonly confidence: number };
  readonly parts: readonly Part[];
  readonly method: readonly Step[];
  readonly bake: BakeFacts | null;
}
