import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import type { Bag, LabelRead } from '@omniarton/core/kitchen';
import { AVOIDANCES, type Avoidance } from '@omniarton/core/vocabulary';
import { INGREDIENT_ID } from './limits';
import { IfSaid, IsDay, OrNull } from './said';

const MOST_GRAMS = 100_000;

/** Bags that a household may have, and entries in one movement. */
export const MOST_BAGS = 300;
const MOST_ENTRIES = 100;

/** A label that was read: when, and what it neither lists nor warns of. */
export class LabelReadDto implements LabelRead {
  @IsDay() on!: string;
  @IsArray()
  @ArrayMaxSize(AVOIDANCES.length)
  @IsIn(AVOIDANCES, { each: true })
  without!: readonly Avoidance[];
}

/** A bag as it is kept. What is left of it is the sum of its movements; `grams` of a new one is the first of them. */
export class BagDto implements Bag {
  @Equals(2) schema!: 2;
  @Matches(INGREDIENT_ID) ingredient!: string;
  @IsString() @MaxLength(80) note!: string;
  @OrNull() @IsNumber() @Min(1) @Max(MOST_GRAMS) packGrams!: number | null;
  @OrNull() @IsNumber() @Min(0) @Max(100_000) price!: number | null;
  @OrNull() @IsDay() opened!: string | null;
  @OrNull() @IsDay() bestBefore!: string | null;
  @IsBoolean() certified!: boolean;
  @OrNull() @ValidateNested() @Type(() => LabelReadDto) label!: LabelReadDto | null;
  @IsIn(['cupboard', 'cold']) place!: Bag['place'];
}

export class NewBagDto {
  @ValidateNested() @Type(() => BagDto) bag!: BagDto;
  @IsNumber() @Min(0) @Max(MOST_GRAMS) grams!: number;
}

/** By how much a bag changes, g; or what it holds now that it has been weighed. */
export class MoveEntryDto {
  @IsUUID() bag!: string;
  @IfSaid() @IsNumber() @Min(-MOST_GRAMS) @Max(MOST_GRAMS) grams?: number;
  @IfSaid() @IsNumber() @Min(0) @Max(MOST_GRAMS) to?: number;
}

export const MOVE_REASONS = ['weighed', 'bake', 'jar', 'shopping'] as const;
export type MoveReason = (typeof MOVE_REASONS)[number];

/** What happened to some bags at once: all of it, or nothing. */
export class MoveDto {
  @IsIn(MOVE_REASONS) why!: MoveReason;
  /** The bake that took it; taking the bake off the log puts it back. */
  @OrNull() @IsUUID() bake!: string | null;
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
