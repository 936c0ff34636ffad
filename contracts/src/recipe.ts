import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { AVOIDANCES, BINDER_SCHOOLS, DIETS, FAMILIES } from '@omniarton/core/vocabulary';
import type { Avoidance, BinderSchool, Diet, FamilyId } from '@omniarton/core/vocabulary';
import type {
  ConversionRequest,
  GuardAnswer,
  LineCorrection,
  LineOverride,
  RecipeDocument,
  SourceLine,
} from '@omniarton/core/kitchen';
import { MaxLines } from './limits';
import { LIMITS } from './paths';

const LINE_ID = /^[\w-]{1,64}$/;
/** A docket's line: a recipe's line, and what was put in its place or beside it. */
const DOCKET_LINE_ID = /^[\w:~+-]{1,160}$/;
const INGREDIENT_ID = /^[a-z0-9-]{1,64}$/;

export class SourceLineDto implements SourceLine {
  @Matches(LINE_ID) id!: string;
  @IsString() @MaxLength(LIMITS.textChars) source!: string;
}

export class LineCorrectionDto implements LineCorrection {
  @Matches(LINE_ID) line!: string;
  @IsOptional() @Matches(INGREDIENT_ID) ingredient?: string;
  @IsOptional() @IsNumber() @Min(0) @Max(100_000) grams?: number;
  @IsOptional() @IsBoolean() note?: boolean;
}

export class LineOverrideDto implements LineOverride {
  @Matches(DOCKET_LINE_ID) line!: string;
  @IsNumber() @Min(0) @Max(100_000) grams!: number;
}

export class GuardAnswerDto implements GuardAnswer {
  @Matches(DOCKET_LINE_ID) line!: string;
  @IsIn(['label-checked', 'replaced', 'left-out']) answer!: GuardAnswer['answer'];
}

export class ConversionRequestDto implements ConversionRequest {
  @IsIn(DIETS) diet!: Diet;
  @IsArray()
  @ArrayMaxSize(AVOIDANCES.length)
  @IsIn(AVOIDANCES, { each: true })
  without!: readonly Avoidance[];
  @IsBoolean() coeliac!: boolean;
  @IsOptional() @IsIn(FAMILIES) family!: FamilyId | null;
  @IsIn(BINDER_SCHOOLS) school!: BinderSchool;
  @IsArray() @ArrayMaxSize(200) @Matches(INGREDIENT_ID, { each: true }) withoutFlours!: readonly string[];
  @IsArray()
  @ArrayMaxSize(LIMITS.lines)
  @ValidateNested({ each: true })
  @Type(() => LineOverrideDto)
  overrides!: readonly LineOverrideDto[];
  @IsArray()
  @ArrayMaxSize(LIMITS.lines)
  @ValidateNested({ each: true })
  @Type(() => GuardAnswerDto)
  answers!: readonly GuardAnswerDto[];
}

/** A recipe as it is kept: the words, the ids of its lines, what was put right by hand, and what is asked of it. */
export class RecipeDocumentDto implements RecipeDocument {
  @Equals(1) schema!: 1;
  @IsString() @MaxLength(300) title!: string;
  @IsString() @MaxLength(LIMITS.textChars) @MaxLines() text!: string;
  @IsArray()
  @ArrayMaxSize(LIMITS.lines)
  @ValidateNested({ each: true })
  @Type(() => SourceLineDto)
  lines!: readonly SourceLineDto[];
  @IsArray()
  @ArrayMaxSize(LIMITS.lines)
  @ValidateNested({ each: true })
  @Type(() => LineCorrectionDto)
  corrections!: readonly LineCorrectionDto[];
  @ValidateNested() @Type(() => ConversionRequestDto) request!: ConversionRequestDto;
}

/** The core's type and the checked class say the same, both ways. */
type Same<A, B> = A extends B ? true : never;
export const CHECKED: Same<RecipeDocument, RecipeDocumentDto> = true;

export interface RecipeSummary {
  readonly id: string;
  readonly version: number;
  readonly title: string;
  readonly family: FamilyId | null;
  readonly updatedAt: string;
}

export interface RecipeAnswer {
  readonly id: string;
  readonly version: number;
  readonly updatedAt: string;
  readonly doc: RecipeDocument;
}

export interface PageOf<T> {
  readonly items: readonly T[];
  /** Pass as `cursor` for the next page; null on the last. */
  readonly next: string | null;
}

export class PageQuery {
  @IsOptional() @IsString() @MaxLength(200) cursor?: string;
  @IsOptional() @Type(() => Number) @IsNumber() @Min(1) @Max(LIMITS.pageSize) limit?: number;
}
