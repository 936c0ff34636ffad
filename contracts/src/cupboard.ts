import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import type { Bag } from '@omniarton/core/kitchen';
import { INGREDIENT_ID } from './limits';

const DAY = /^\d{4}-(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\d|3[01])$/;
const MOST_GRAMS = 100_000;

/** Bags that a household may have, and entries in one movement. */
export const MOST_BAGS = 300;
const MOST_ENTRIES = 100;

/** A bag as it is kept. What is left of it is the sum of its movements; `grams` of a new one is the first of them. */
export class BagDto implements Bag {
  @Equals(1) schema!: 1;
  @Matches(INGREDIENT_ID) ingredient!: string;
  @IsString() @MaxLength(80) note!: string;
  @IsOptional() @IsNumber() @Min(1) @Max(MOST_GRAMS) packGrams!: number | null;
  @IsOptional() @IsNumber() @Min(0) @Max(100_000) price!: number | null;
  @IsOptional() @Matches(DAY) opened!: string | null;
  @IsOptional() @Matches(DAY) bestBefore!: string | null;
  @IsBoolean() certified!: boolean;
  @IsIn(['cupboard', 'cold']) place!: Bag['place'];
}

export class NewBagDto {
  @ValidateNested() @Type(() => BagDto) bag!: BagDto;
  @IsNumber() @Min(0) @Max(MOST_GRAMS) grams!: number;
}

/** By how much a bag changes, g; or what it holds now that it has been weighed. */
export class MoveEntryDto {
  @IsUUID() bag!: string;
  @IsOptional() @IsNumber() @Min(-MOST_GRAMS) @Max(MOST_GRAMS) grams?: number;
  @IsOptional() @IsNumber() @Min(0) @Max(MOST_GRAMS) to?: number;
}

export const MOVE_REASONS = ['weighed', 'bake', 'jar', 'shopping'] as const;
export type MoveReason = (typeof MOVE_REASONS)[number];

/** What happened to some bags at once: all of it, or nothing. */
export class MoveDto {
  @IsIn(MOVE_REASONS) why!: MoveReason;
  /** The bake that took it; taking the bake off the log puts it back. */
  @IsOptional() @IsUUID() bake!: string | null;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_ENTRIES)
  @ValidateNested({ each: true })
  @Type(() => MoveEntryDto)
  entries!: readonly MoveEntryDto[];
}

export interface BagAnswer {
  readonly id: string;
  readonly version: number;
  readonly grams: number;
  readonly doc: BagDto;
}

/** A cupboard: every bag that isn't thrown out. */
export interface CupboardAnswer {
  readonly bags: readonly BagAnswer[];
}

/** A movement as it was really made: no bag gives more than it has. */
export interface MoveAnswer {
  readonly id: string;
  readonly why: MoveReason | 'undone' | 'new';
  readonly at: string;
  readonly undone: boolean;
  readonly entries: readonly { readonly bag: string; readonly grams: number }[];
}
