import type { Inference, JarLabel, JarMix } from '@omniarton/core/blend';
import type { Outcome } from '@omniarton/core/docket';
import type { PartEgg, WeighThis } from '@omniarton/core/formula';
import type { GuardReport } from '@omniarton/core/guard';
import type { AsRead, BagOnHand, KitchenDocument, RecipeDocument, SourceLine } from '@omniarton/core/kitchen';
import type { Larder, Made } from '@omniarton/core/larder';
import type { Process } from '@omniarton/core/process';
import type { Recipe } from '@omniarton/core/read';

/** What is known at once: the recipe as read, its guard, and a docket with the last blend and bake where they still fit. */
export interface QuickAnswer {
  readonly recipe: Recipe;
  readonly process: Process;
  /** The recipe in the amount that is made; null where that is as written. */
  readonly scaled: Recipe | null;
  readonly lines: readonly SourceLine[];
  readonly asRead: AsRead;
  readonly guard: GuardReport;
  readonly weighThis: WeighThis | null;
  readonly partEggs: readonly PartEgg[];
  /** Grams in a US cup of each ingredient in it that is measured so. */
  readonly cups: Readonly<Record<string, number>>;
  readonly outcome: Outcome | null;
}

export interface IngredientName {
  readonly id: string;
  readonly name: string;
}

/** A kitchen by the edition that the page has given it. */
export interface KitchenParcel {
  readonly key: string;
  readonly doc: KitchenDocument;
  readonly recipes: Readonly<Record<string, RecipeDocument>>;
  readonly bags: readonly BagOnHand[];
  /** The recipes of this kitchen, where another engine has weighed them already. */
  readonly made?: Made;
}

/** What laying a kitchen out gives: what could not be laid, and its recipes. */
export type Laid = Pick<Larder, 'troubles' | 'made'>;

/** A recipe out of a file, ready to be kept. */
export interface FiledRecipe {
  readonly doc: RecipeDocument;
  readonly unplaced: number;
  readonly doubts: number;
  readonly holdsGluten: boolean;
}

/** What a packet's statement and panel say of its shares; no inference where nothing on it is known. */
export interface LabelShares {
  readonly unknown: readonly string[];
  readonly inference: Inference | null;
}

/** A jar of some size: as wanted, the size near it that empties bags, and its label. */
export interface JarAnswer {
  readonly mix: JarMix;
  readonly whole: JarMix | null;
  readonly label: JarLabel;
}

export type FileFormat = 'jsonld' | 'md' | 'csv';

/** Questions that a docket leaves open; undefined: there is none yet. */
export const openIn = (outcome: Outcome | null): number | undefined =>
  outcome?.outcome === 'docket' ? outcome.docket.guard.open.length : undefined;
