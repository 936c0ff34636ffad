import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsString,
  IsUUID,
  Max,
  Matches,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import {
  BATTER_LOOKS,
  RACK_PLACES,
  type BagUsed,
  type BakeNotes,
  type BatterJudged,
  type BatterLook,
  type Look,
  type Marks,
  type Measured,
  type Moment,
  type RackPlace,
  type Seen,
  type VariantOf,
} from '@omniarton/core/kitchen';
import type { Foretold } from '@omniarton/core/log';
import {
  LOOK_TIMES,
  SYMPTOMS,
  type LookTime,
  type MarkScale,
  type SymptomId,
} from '@omniarton/core/vocabulary';
import { NAME_CHARS } from './limits';
import { IfSaid, IsDay, OrNull } from './said';

const MOST_MINUTES = 24 * 60;
const MOST_NOTES = 5000;
const MOST_TINS = 1000;
const MOST_BAGS = 20;
const MOST_GRAMS = 100_000;
const MOST_PIECES = 5000;
const BATCH_CHARS = 80;
const MOST_MOMENTS = 200;
const MOMENT_CHARS = 200;

/** A mark from 1 to 9. */
const IsMark = (): PropertyDecorator => (target, property) => {
  for (const one of [IfSaid(), IsInt(), Min(1), Max(9)]) one(target, property);
};

/** A mark for each thing that was judged. */
export class MarksDto implements Marks {
  @IsMark() rise?: number;
  @IsMark() spread?: number;
  @IsMark() colour?: number;
  @IsMark() crispEdge?: number;
  @IsMark() chew?: number;
  @IsMark() crumb?: number;
  @IsMark() moistness?: number;
  @IsMark() grit?: number;
  @IsMark() sweetness?: number;
  @IsMark() aftertaste?: number;
  @IsMark() overall?: number;
}

class LookDto implements Look {
  @IsIn(LOOK_TIMES) when!: LookTime;
  @ValidateNested() @Type(() => MarksDto) marks!: MarksDto;
}

/** Null, or a number between two. */
const Between =
  (least: number, most: number): PropertyDecorator =>
  (target, property) => {
    for (const one of [OrNull(), IsNumber(), Min(least), Max(most)]) one(target, property);
  };

class MeasuredDto implements Measured {
  @Between(50, 300) trueCelsius!: number | null;
  @Between(0, 50) roomCelsius!: number | null;
  @Between(-10, 60) doughCelsius!: number | null;
  @Between(0, 130) probeCelsius!: number | null;
  @Between(1, MOST_GRAMS) filledGrams!: number | null;
  @Between(1, MOST_GRAMS) bakedGrams!: number | null;
  @Between(0, 400) heightMm!: number | null;
  @Between(0, 1000) spreadMm!: number | null;
  @OrNull() @IsInt() @Min(0) @Max(MOST_PIECES) pieces!: number | null;
}

class BatterJudgedDto implements BatterJudged {
  @OrNull() @IsIn(BATTER_LOOKS) mixed!: BatterLook | null;
  @OrNull() @IsIn(BATTER_LOOKS) rested!: BatterLook | null;
  @Between(-50, 50) spoonfuls!: number | null;
}

class BagUsedDto implements BagUsed {
  @IsString() @MaxLength(BATCH_CHARS) ingredient!: string;
  @IsString() @MaxLength(BATCH_CHARS) bag!: string;
  @IsString() @MaxLength(BATCH_CHARS) batch!: string;
}

class SeenDto implements Seen {
  @IsIn(SYMPTOMS) symptom!: SymptomId;
  @IsNumber() @Min(0.1) @Max(1) degree!: number;
}

class VariantOfDto implements VariantOf {
  @IsString() @MaxLength(NAME_CHARS) name!: string;
  @OrNull() @IsUUID() parent!: string | null;
}

class MomentDto implements Moment {
  @Matches(/^(?:[01]\d|2[0-3]):[0-5]\d$/) at!: string;
  @IsString() @MaxLength(MOMENT_CHARS) what!: string;
}

export class BakeNotesDto implements BakeNotes {
  @IsDay() bakedOn!: string;
  @Between(0.1, MOST_MINUTES) minutes!: number | null;
  @Between(50, 300) ovenCelsius!: number | null;
  @OrNull() @IsIn(RACK_PLACES) rack!: RackPlace | null;
  @IsString() @MaxLength(MOST_NOTES) notes!: string;
  @IsBoolean() asWritten!: boolean;
  @IsArray()
  @ArrayMaxSize(MOST_MOMENTS)
  @ValidateNested({ each: true })
  @Type(() => MomentDto)
  moments!: readonly MomentDto[];
  @OrNull() @ValidateNested() @Type(() => VariantOfDto) variant!: VariantOfDto | null;
  @ValidateNested() @Type(() => MeasuredDto) measured!: MeasuredDto;
  @ValidateNested() @Type(() => BatterJudgedDto) batter!: BatterJudgedDto;
  @IsString() @MaxLength(MOST_TINS) tins!: string;
  @IsArray()
  @ArrayMaxSize(MOST_BAGS)
  @ValidateNested({ each: true })
  @Type(() => BagUsedDto)
  bags!: readonly BagUsedDto[];
  @IsArray()
  @ArrayMaxSize(LOOK_TIMES.length)
  @ArrayUnique(({ when }: LookDto) => when)
  @ValidateNested({ each: true })
  @Type(() => LookDto)
  looks!: readonly LookDto[];
  @IsArray()
  @ArrayMaxSize(SYMPTOMS.length)
  @ArrayUnique(({ symptom }: SeenDto) => symptom)
  @ValidateNested({ each: true })
  @Type(() => SeenDto)
  seen!: readonly SeenDto[];
  @OrNull() @IsIn(['cold', 'warm']) cut!: 'cold' | 'warm' | null;
  @IsString() @MaxLength(MOST_TINS) expected!: string;
  @OrNull() @IsInt() @Min(0) @Max(MOST_PIECES) frozen!: number | null;
}

/** A bake as it is kept: what was written down, and the docket that it was baked from. */
export class BakeDto {
  @Equals(3) schema!: 3;
  @IsUUID() docket!: string;
  /** It came in a file from another kitchen: it teaches this one nothing. */
  @IsBoolean() imported!: boolean;
  @ValidateNested() @Type(() => BakeNotesDto) notes!: BakeNotesDto;
}

/** A logged bake whose docket had a flour in its blend: how much of it, and how it went. */
export interface FlourUse {
  readonly id: string;
  readonly recipe: string;
  readonly title: string;
  readonly bakedOn: string;
  readonly grams: number;
  /** As it was judged first. */
  readonly marks: Readonly<Partial<Record<MarkScale, number>>>;
}

export interface BakeAnswer {
  readonly id: string;
  readonly version: number;
  readonly createdAt: string;
  readonly doc: BakeDto;
  /** What its docket foretold. */
  readonly foretold: Foretold;
}
