import type { BagDto } from './cupboard';
import type { BakeDto } from './bake';
import type { PhotoOf } from './photo';
import type { TastingDto } from './tasting';
import type { KeptDocketDto } from './docket';
import type { Marks } from './finding';
import type { DayDto } from './day';
import type { KitchenDocumentDto } from './kitchen';
import type { RecipeDocumentDto } from './recipe';
import type { SettingsDto } from './settings';

/** Days that what was removed can be brought back. */
export const BIN_DAYS = 30;

/** Something in the bin: what it is called, and since when it lies there. */
export interface Binned {
  readonly kind: 'recipe' | 'bag' | 'bake';
  readonly id: string;
  /** Of a bake: its recipe. */
  readonly recipe: string | null;
  readonly name: string;
  readonly removedAt: string;
}

export interface BinAnswer {
  readonly items: readonly Binned[];
  /** Names of backups that were made before now and still hold what is erased. */
  readonly backups: readonly string[];
}

/** What a person at the table is written into. */
export interface TouchesAnswer {
  readonly recipes: readonly {
    readonly id: string;
    readonly title: string;
    /** They sit at its table now; else only at that of dockets that it keeps. */
    readonly seated: boolean;
    /** Kept dockets of it that were guarded for them. */
    readonly dockets: number;
  }[];
}

/** What an erasure took away, and what still holds it. */
export interface ErasedAnswer {
  readonly recipes: number;
  readonly dockets: number;
  readonly bakes: number;
  /** Names of backups that were made before and still hold it. */
  readonly backups: readonly string[];
}

/** A movement of the cupboard as a file has it. */
export interface MovedOut {
  readonly move: string;
  readonly bag: string;
  readonly grams: number;
  readonly why: string;
  readonly bake: string | null;
  readonly undoes: string | null;
  readonly at: string;
}

/** Everything of a household as one file: what is in the bin isn't in it. */
export interface EverythingFile {
  readonly format: typeof EVERYTHING_FORMAT;
  readonly version: typeof EVERYTHING_VERSION;
  readonly writtenAt: string;
  readonly household: string;
  readonly settings: SettingsDto | null;
  readonly kitchen: KitchenDocumentDto | null;
  /** Missing in files that are older than bake days. */
  readonly day?: DayDto | null;
  /** Marks are missing in files that are older than they. */
  readonly recipes: readonly {
    readonly id: string;
    readonly doc: RecipeDocumentDto;
    readonly marks?: Marks;
  }[];
  readonly dockets: readonly {
    readonly id: string;
    readonly recipe: string;
    readonly at: string;
    readonly doc: KeptDocketDto;
  }[];
  readonly bakes: readonly { readonly id: string; readonly recipe: string; readonly doc: BakeDto }[];
  readonly bags: readonly { readonly id: string; readonly doc: BagDto }[];
  /** Missing in files that are older than tastings. */
  readonly tastings?: readonly { readonly id: string; readonly recipe: string; readonly doc: TastingDto }[];
  /** Missing in files that are older than pictures; their bytes in base64. */
  readonly photos?: readonly {
    readonly id: string;
    readonly bake: string;
    readonly of: PhotoOf;
    readonly bytes: string;
  }[];
  readonly moves: readonly MovedOut[];
}

export const EVERYTHING_FORMAT = 'omniarton-everything';
export const EVERYTHING_VERSION = 1;
/** Largest file of everything that is taken in, bytes. */
export const EVERYTHING_BYTES = 200 * 1024 * 1024;

/** What a file of everything brought: what was there already stays as it is. */
export interface TakenInAnswer {
  readonly recipes: number;
  readonly dockets: number;
  readonly bakes: number;
  readonly bags: number;
  readonly photos: number;
  readonly tastings: number;
  /** What was there already, or can't be used; each of the latter with why. */
  readonly known: number;
  readonly refused: readonly string[];
}
