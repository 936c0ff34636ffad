import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  Equals,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import {
  TRIAL_FACTORS,
  type BlendTrial,
  type PlannedStudy,
  type ProcessTrial,
  type TrialFactor,
  type TrialFactorId,
  type TrialRun,
} from '@omniarton/core/kitchen';
import { MARK_SCALES, type MarkScale } from '@omniarton/core/vocabulary';
import { INGREDIENT_ID, NAME_CHARS } from './limits';

/** So many changes beside the one that stays as it was: as `planStudy` takes them. */
const MOST_CHANGES = 3;

export class PlannedStudyDto implements PlannedStudy {
  @IsArray()
  @ArrayMaxSize(MOST_CHANGES)
  @IsString({ each: true })
  @MaxLength(NAME_CHARS, { each: true })
  changes!: readonly string[];
  @IsInt() @Min(0) @Max(2 ** 31) seed!: number;
}

const MOST_RUNS = 8;

const MOST_HELD = 20;

class HeldShareDto {
  @Matches(INGREDIENT_ID) ingredient!: string;
  @IsNumber() @Min(0) @Max(1) share!: number;
}

class TrialRunDto implements TrialRun {
  @IsString() @MaxLength(10) code!: string;
  @IsArray()
  @ArrayMaxSize(4)
  @IsNumber({}, { each: true })
  @Min(-1, { each: true })
  @Max(1, { each: true })
  at!: readonly number[];
}

class PlannedDto {
  @IsIn(MARK_SCALES) mark!: MarkScale;
  @IsInt() @Min(0) @Max(2 ** 31) seed!: number;
  @IsArray()
  @ArrayMaxSize(MOST_RUNS)
  @ValidateNested({ each: true })
  @Type(() => TrialRunDto)
  runs!: readonly TrialRunDto[];
}

export class BlendTrialDto extends PlannedDto implements BlendTrial {
  @Equals('blend') kind!: 'blend';
  @IsArray() @ArrayMaxSize(4) @Matches(INGREDIENT_ID, { each: true }) flours!: readonly string[];
  @IsArray()
  @ArrayMaxSize(MOST_HELD)
  @ValidateNested({ each: true })
  @Type(() => HeldShareDto)
  held!: readonly HeldShareDto[];
  @IsArray() @ArrayMaxSize(4) @IsNumber({}, { each: true }) lower!: readonly number[];
  @IsArray() @ArrayMaxSize(4) @IsNumber({}, { each: true }) upper!: readonly number[];
}

/** A tilt, or minutes of rest. */
const MOST_SETTING = 10_000;

class TrialFactorDto implements TrialFactor {
  @IsIn(TRIAL_FACTORS) id!: TrialFactorId;
  @IsNumber() @Min(0) @Max(MOST_SETTING) low!: number;
  @IsNumber() @Min(0) @Max(MOST_SETTING) high!: number;
}

export class ProcessTrialDto extends PlannedDto implements ProcessTrial {
  @Equals('process') kind!: 'process';
  @IsArray()
  @ArrayMaxSize(TRIAL_FACTORS.length)
  @ArrayUnique(({ id }: TrialFactor) => id)
  @ValidateNested({ each: true })
  @Type(() => TrialFactorDto)
  factors!: readonly TrialFactorDto[];
}
