import type { PanSize, Taking } from '../kitchen';
import type { Range } from '../quantity';
import type { Locale, PartKind, Role } from '../vocabulary';
import type { Finding } from './doubts/doubt';
import type { KindOfLine } from './page/kinds';

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
  /** What the other of two measures would make it weigh ("1 cup (300 g)"); null where there is but one. */
  readonly beside: Range | null;
  /** It is named beside another ("butter or margarine"): it counts for the guard, not for the weight. */
  readonly alternative: boolean;
  /** It is for the tin, the bench or the plate, beside what the line has of it in the bake. */
  readonly aside: boolean;
  /** Its own stretch of a line that lists several things; absent where the line is all its own. */
  readonly piece?: string;
}

export type LineKind = 'ingredient' | 'heading' | 'note';

export interface Line {
  readonly id: string;
  /** As written. */
  readonly source: string;
  /** Put together with the lines that it goes on in; absent where it ends with itself. */
  readonly wrapped?: string;
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

/** How many pieces or helpings. */
export interface Yield {
  readonly low: number;
  readonly high: number;
  readonly what: string;
}

/** Minutes that the recipe states; null where it doesn't. */
export interface RecipeTimes {
  readonly prep: number | null;
  readonly cook: number | null;
  readonly rest: number | null;
  readonly total: number | null;
}

/** How a person says that it comes together; by the ids of lines. */
export interface Bindings {
  /** What a part is, by the part. */
  readonly families: Readonly<Record<string, PartKind>>;
  /** What a step takes in the place of something else. */
  readonly takes: Readonly<Record<string, readonly Taking[]>>;
  /** The heat that the bake is known by: which of those of a step, from 0. */
  readonly bake: { readonly step: string; readonly heat: number } | null;
}

/** What a line of the text was taken for, and how sure that is (0–1). */
export interface TakenFor extends KindOfLine {
  readonly line: string;
  /** The line itself, where it stands in no part and in no method: "STEP 1" by itself. */
  readonly source?: string;
}

export interface Recipe {
  readonly schema: 1;
  readonly title: string;
  readonly locale: Locale;
  readonly parts: readonly Part[];
  readonly method: readonly Step[];
  readonly yields: Yield | null;
  readonly times: RecipeTimes;
  /** What each non-blank line of the text was taken for, in its order. */
  readonly kinds: readonly TakenFor[];
  readonly doubts: readonly Finding[];
  /** What a person put right of how it comes together. */
  readonly bindings: Bindings;
}
