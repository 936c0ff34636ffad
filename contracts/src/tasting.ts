import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import {
  TASTE_TESTS,
  type Answer,
  type Ballot,
  type Holds,
  type Sample,
  type Taster,
  type TasteTest,
  type TastingDocument,
} from '@omniarton/core/taste';
import {
  ALLERGENS,
  GLUTEN_CLASSES,
  GRAIN_CLASSES,
  OTHER_AVOIDANCES,
  type Allergen,
  type GlutenClass,
  type GrainClass,
  type OtherAvoidance,
} from '@omniarton/core/vocabulary';
import { NeedsDto } from './kitchen';
import { NAME_CHARS } from './limits';
import { IfSaid, IsDay, OrNull } from './said';

const MOST_SAMPLES = 6;
const MOST_TASTERS = 60;
const MOST_ROUNDS = 3;
const WORDS_CHARS = 1000;
/** The year 2100, ms since 1970. */
const LATEST = 4_102_444_800_000;

class OthersDto implements NonNullable<Holds['others']> {
  @IsArray() @ArrayUnique() @IsIn(OTHER_AVOIDANCES, { each: true }) has!: readonly OtherAvoidance[];
  @IsArray() @ArrayUnique() @IsIn(OTHER_AVOIDANCES, { each: true }) maybe!: readonly OtherAvoidance[];
}

class HoldsDto implements Holds {
  @IsArray() @ArrayMaxSize(ALLERGENS.length) @IsIn(ALLERGENS, { each: true }) allergens!: readonly Allergen[];
  @IsArray() @ArrayMaxSize(ALLERGENS.length) @IsIn(ALLERGENS, { each: true }) possible!: readonly Allergen[];
  @IfSaid() @ValidateNested() @Type(() => OthersDto) others?: OthersDto;
  @IsIn(GLUTEN_CLASSES) gluten!: GlutenClass;
  @IsIn(GRAIN_CLASSES) grain!: GrainClass;
}

class SampleDto implements Sample {
  @IsUUID() id!: string;
  @IsString() @MaxLength(NAME_CHARS * 4) name!: string;
  @IsUUID() bake!: string;
  @ValidateNested() @Type(() => HoldsDto) holds!: HoldsDto;
}

class TasterDto extends NeedsDto implements Taster {
  @IsUUID() id!: string;
  @OrNull() @IsUUID() person!: string | null;
  @IsString() @MaxLength(NAME_CHARS) name!: string;
}

/** Answers are checked by the core against the codes of their tray: here they are objects, within the body's limits. */
export class BallotDto implements Ballot {
  @IsUUID() id!: string;
  @IsUUID() taster!: string;
  /** 0: the training round. */
  @IsInt() @Min(0) @Max(MOST_ROUNDS) round!: number;
  @IsInt() @Min(0) @Max(LATEST) at!: number;
  @IsObject() answer!: Answer;
  @IsString() @MaxLength(WORDS_CHARS) words!: string;
}

/** A tasting as it is kept. */
export class TastingDto implements TastingDocument {
  @Equals(1) schema!: 1;
  @IsString() @MaxLength(NAME_CHARS) name!: string;
  @IsDay() on!: string;
  @IsIn(TASTE_TESTS) test!: TasteTest;
  @IsString() @MaxLength(NAME_CHARS) about!: string;
  @IsArray()
  @ArrayMaxSize(MOST_SAMPLES)
  @ArrayUnique(({ id }: SampleDto) => id)
  @ValidateNested({ each: true })
  @Type(() => SampleDto)
  samples!: readonly SampleDto[];
  @IsArray()
  @ArrayMaxSize(MOST_TASTERS)
  @ArrayUnique(({ id }: TasterDto) => id)
  @ValidateNested({ each: true })
  @Type(() => TasterDto)
  tasters!: readonly TasterDto[];
  @IsArray() @ArrayMaxSize(MOST_TASTERS) @IsUUID(undefined, { each: true }) withdrawn!: readonly string[];
  @IsInt() @Min(1) @Max(MOST_ROUNDS) rounds!: number;
  @IfSaid() @IsBoolean() training?: boolean;
  @IsString() @MaxLength(NAME_CHARS) coder!: string;
  @IsInt() @Min(0) @Max(2_147_483_647) seed!: number;
  @IsIn(['set up', 'tasting', 'closed']) stage!: TastingDocument['stage'];
  @IsArray()
  @ArrayMaxSize(MOST_TASTERS * MOST_ROUNDS)
  @ArrayUnique(({ id }: BallotDto) => id)
  @ValidateNested({ each: true })
  @Type(() => BallotDto)
  ballots!: readonly BallotDto[];
}

export interface TastingAnswer {
  readonly id: string;
  readonly version: number;
  readonly doc: TastingDto;
}
