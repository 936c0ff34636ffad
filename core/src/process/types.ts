import type { FamilyRatios, Pan } from '../read';
import type { FamilyId, PartKind } from '../vocabulary';
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

/** How much of a line goes in somewhere (0–1). */
export interface Take {
  readonly line: string;
  readonly share: number;
}

/** What kind a part is: a bake, something that flour only thickens, or something without any. */
export interface PartFamily {
  readonly id: PartKind;
  readonly confidence: number;
  /** What it was told by: a person, it is the bake itself, it has no flour or little, its name, or its formula. */
  readonly because: 'said' | 'main' | 'no-flour' | 'little-flour' | 'name' | 'formula';
}

/** What comes of some lines before it is baked, or before it goes on what was. */
export interface Mixture {
  readonly id: string;
  readonly name: string;
  readonly part: string;
  readonly lines: readonly Take[];
  readonly family: PartFamily;
  readonly baked: boolean;
  /** The mixture that it goes on or into when that is done; null: none. */
  readonly layeredOn: string | null;
  /** The mixture that it goes into, as a step says; null where none does. Never in a circle. */
  readonly goesInto: string | null;
}

/** What is done in one clause, and what is said of it. */
export interface Action extends Clause {
  readonly id: string;
  readonly takes: readonly Take[];
  /** The mixtures that it takes whole: what goes into, on or between others. */
  readonly mixtures: readonly string[];
  /** The mixture that it works on. */
  readonly makes: string | null;
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
  /** What is done, in its own words. */
  readonly what: string;
  readonly step: string;
  /** The action that tells of it. */
  readonly action: string;
  /** What goes through it, and in what; null where the page doesn't say. */
  readonly mixture: string | null;
  readonly pan: Pan | null;
}

/** What the page says of the bake itself: the heat of its longest stage in the oven, and the tin. Nothing is filled in. */
export interface BakeFacts {
  readonly ovenCelsius: number | null;
  readonly fan: boolean;
  readonly minutes: Minutes | null;
  readonly pan: Pan | null;
  /** Stages in the oven, what only toasts, bakes blind or grills left out: heat and time are those of the longest. */
  readonly ofStages: number;
}

/** What kind of bake it is taken for, and why. */
export interface FamilyGuess {
  readonly id: FamilyId;
  readonly confidence: number;
  /** Null without flour. */
  readonly ratios: FamilyRatios | null;
  readonly nearest: readonly {
    readonly id: FamilyId;
    readonly probability: number;
    readonly words: readonly string[];
    readonly usual: FamilyRatios;
  }[];
}
