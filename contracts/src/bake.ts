import { Type } from 'class-transformer';
import {
  Equals,
  IsInt,
  IsNumber,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import type { BakeNotes } from '@omniarton/core/kitchen';
import type { Score } from '@omniarton/core/vocabulary';
import { IfSaid, IsDay, OrNull } from './said';

const MOST_MINUTES = 24 * 60;
const MOST_NOTES = 5000;

/** A mark from 1 to 9 for each thing that was judged. */
export class ScoresDto implements Partial<Record<Score, number>> {
  @IfSaid() @IsInt() @Min(1) @Max(9) rise?: number;
  @IfSaid() @IsInt() @Min(1) @Max(9) crumb?: number;
  @IfSaid() @IsInt() @Min(1) @Max(9) moist?: number;
  @IfSaid() @IsInt() @Min(1) @Max(9) taste?: number;
}

export class BakeNotesDto implements BakeNotes {
  @IsDay() bakedOn!: string;
  @OrNull() @IsNumber() @Min(0.1) @Max(MOST_MINUTES) minutes!: number | null;
  @OrNull() @IsNumber() @Min(50) @Max(300) ovenCelsius!: number | null;
  @ValidateNested() @Type(() => ScoresDto) scores!: ScoresDto;
  @IsString() @MaxLength(MOST_NOTES) notes!: string;
}

/** A bake as it is kept: what was written down, and the docket that it was baked from. */
export class BakeDto {
  @Equals(1) schema!: 1;
  @IsUUID() docket!: string;
  @ValidateNested() @Type(() => BakeNotesDto) notes!: BakeNotesDto;
}

/** A logged bake whose docket had a flour in its blend: how much of it, and how it went. */
export interface FlourUse {
  readonly id: string;
  readonly recipe: string;
  readonly title: string;
  readonly bakedOn: string;
  readonly grams: number;
  readonly scores: Readonly<Partial<Record<Score, number>>>;
}

export interface BakeAnswer {
  readonly id: string;
  readonly version: number;
  readonly createdAt: string;
  readonly doc: BakeDto;
}
