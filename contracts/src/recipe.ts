import { Type, type TypeHelpOptions } from 'class-transformer';
import {
  ArrayMaxSize,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import {
  AVOIDANCES,
  BINDER_SCHOOLS,
  DIETS,
  FAMILIES,
  HAND_UNITS,
  HIGHEST_METRES,
  LONGEST_CHILL,
  LABEL_FACTS,
  LOCALES,
  PAGE_KINDS,
  PART_KINDS,
  ROLES,
  STRICTNESSES,
} from '@omniarton/core/vocabulary';
import type {
  Avoidance,
  BinderSchool,
  Diet,
  FamilyId,
  HandUnit,
  Locale,
  PageKind,
  PartKind,
  Role,
  LabelFact,
  Strictness,
} from '@omniarton/core/vocabulary';
import type {
  AsRead,
  BlendPin,
  ConversionRequest,
  FoldedIn,
  GuardAnswer,
  LabelAnswer,
  Scale,
  Seat,
  LineCorrection,
  LineOverride,
  OvenSetting,
  RecipeDocument,
  Serving,
  SourceLine,
  Taking,
  Tick,
  Tilt,
} from '@omniarton/core/kitchen';
import { BakeNotesDto } from './bake';
import { BlendWishesDto } from './blendWishes';
import { NeedsDto } from './kitchen';
import { BakeStartDto, PanSizeDto, TimedDto } from './heat';
import { INGREDIENT_ID, MaxLines, NAME_CHARS, SaysOf } from './limits';
import { LIMITS } from './paths';
import { PlannedStudyDto, BlendTrialDto, ProcessTrialDto } from './planned';
import { IfSaid, IsClockTime, IsDay, OrNull } from './said';

const LINE_ID = /^[\w-]{1,64}$/;
/** A docket's line: a recipe's line, and what was put in its place or beside it. */
const DOCKET_LINE_ID = /^[\w:~+-]{1,160}$/;

export class SourceLineDto implements SourceLine {
  @Matches(LINE_ID) id!: string;
  @IsString() @MaxLength(LIMITS.textChars) source!: string;
}

export class TakingDto implements Taking {
  @Matches(LINE_ID) line!: string;
  @Matches(LINE_ID) instead!: string;
}

export class LineCorrectionDto implements LineCorrection {
  @Matches(LINE_ID) line!: string;
  @IfSaid() @Matches(INGREDIENT_ID) ingredient?: string;
  @IfSaid() @IsIn(ROLES) role?: Role;
  @IfSaid() @IsNumber() @Min(0) @Max(100_000) quantity?: number;
  @IfSaid() @IsIn(HAND_UNITS) unit?: HandUnit;
  @IfSaid() @IsNumber() @Min(0) @Max(100_000) grams?: number;
  @IfSaid() @IsIn(PAGE_KINDS) kind?: PageKind;
  @IfSaid() @Matches(LINE_ID) part?: string;
  @IfSaid() @IsIn(PART_KINDS) family?: PartKind;
  @IfSaid() @IsInt() @Min(0) @Max(100) bake?: number;
  @IfSaid()
  @IsArray()
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => TakingDto)
  takes?: readonly Taking[];
}

export class LineOverrideDto implements LineOverride {
  @Matches(DOCKET_LINE_ID) line!: string;
  @IsNumber() @Min(0) @Max(100_000) grams!: number;
}

export class GuardAnswerDto implements GuardAnswer {
  @Matches(DOCKET_LINE_ID) line!: string;
  @IsIn(['label-checked', 'left-out']) answer!: GuardAnswer['answer'];
  @Matches(/^[\w-]{1,32}$/) about!: string;
  @IsDay() on!: string;
  @IsString() @MaxLength(NAME_CHARS) by!: string;
}

export class TickDto implements Tick {
  @Matches(/^[\w-]{1,32}$/) check!: string;
  @IsDay() on!: string;
  @IsString() @MaxLength(NAME_CHARS) by!: string;
}

export class SeatDto extends NeedsDto implements Seat {
  @OrNull() @IsUUID() id!: string | null;
}

export class LabelAnswerDto implements LabelAnswer {
  @Matches(LINE_ID) line!: string;
  @IsObject() @SaysOf(LABEL_FACTS) says!: Readonly<Partial<Record<LabelFact, boolean>>>;
}

export class LineScaleDto {
  @Matches(LINE_ID) line!: string;
  @IsNumber() @Min(0.01) @Max(100) factor!: number;
}

export class ScaleDto implements Scale {
  @IsNumber() @Min(0.01) @Max(100) factor!: number;
  @IsArray()
  @ArrayMaxSize(LIMITS.lines)
  @ValidateNested({ each: true })
  @Type(() => LineScaleDto)
  lines!: readonly LineScaleDto[];
}

export class BlendPinDto implements BlendPin {
  @Matches(INGREDIENT_ID) ingredient!: string;
  @IsNumber() @Min(0) @Max(1) share!: number;
  @IsBoolean() held!: boolean;
}

export class OvenSettingDto implements OvenSetting {
  @IsNumber() @Min(50) @Max(300) celsius!: number;
  @IsBoolean() fan!: boolean;
}

export class FoldedInDto implements FoldedIn {
  @Matches(INGREDIENT_ID) ingredient!: string;
  @IsNumber() @Min(1) @Max(5000) grams!: number;
  @IsInt() @Min(1) @Max(200) tins!: number;
}

export class ServingDto implements Serving {
  @IsClockTime() at!: string;
  @Matches(/^[\w+-]{1,30}(\/[\w+-]{1,30}){0,2}$/) zone!: string;
}

const TILT = { least: 0.5, most: 2 } as const;

/** Factors on what a balance asks for. */
export class TiltDto implements Tilt {
  @IsNumber() @Min(TILT.least) @Max(TILT.most) drink!: number;
  @IsNumber() @Min(TILT.least) @Max(TILT.most) binder!: number;
  @IsNumber() @Min(TILT.least) @Max(TILT.most) sugar!: number;
  @IsNumber() @Min(TILT.least) @Max(TILT.most) fat!: number;
}

export class ConversionRequestDto implements ConversionRequest {
  @IsIn(DIETS) diet!: Diet;
  @IsArray()
  @ArrayMaxSize(AVOIDANCES.length)
  @IsIn(AVOIDANCES, { each: true })
  without!: readonly Avoidance[];
  @IsArray()
  @ArrayMaxSize(AVOIDANCES.length)
  @IsIn(AVOIDANCES, { each: true })
  mild!: readonly Avoidance[];
  @IsIn(STRICTNESSES) gluten!: Strictness;
  @IsBoolean() pseudocereals!: boolean;
  @IsBoolean() grainDerived!: boolean;
  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => SeatDto)
  seats!: readonly SeatDto[];
  @OrNull() @IsIn(FAMILIES) family!: FamilyId | null;
  @IsIn(BINDER_SCHOOLS) school!: BinderSchool;
  @IsArray() @ArrayMaxSize(200) @Matches(INGREDIENT_ID, { each: true }) withoutFlours!: readonly string[];
  @IsArray()
  @ArrayMaxSize(20)
  @ValidateNested({ each: true })
  @Type(() => BlendPinDto)
  pins!: readonly BlendPinDto[];
  @ValidateNested() @Type(() => BlendWishesDto) blend!: BlendWishesDto;
  @OrNull() @ValidateNested() @Type(() => PanSizeDto) pan!: PanSizeDto | null;
  @OrNull() @ValidateNested() @Type(() => OvenSettingDto) oven!: OvenSettingDto | null;
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
  @IsArray()
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => TickDto)
  ticks!: readonly TickDto[];
  @IsArray()
  @ArrayMaxSize(LIMITS.lines)
  @ValidateNested({ each: true })
  @Type(() => LabelAnswerDto)
  labels!: readonly LabelAnswerDto[];
  @OrNull() @ValidateNested() @Type(() => ScaleDto) scale!: ScaleDto | null;
  @ValidateNested() @Type(() => TiltDto) tilt!: TiltDto;
  @OrNull() @Matches(INGREDIENT_ID) sweetener!: string | null;
  @IsNumber() @Min(-500) @Max(HIGHEST_METRES) altitudeMetres!: number;
  @OrNull() @ValidateNested() @Type(() => FoldedInDto) folded!: FoldedInDto | null;
  @ValidateNested() @Type(() => BakeStartDto) start!: BakeStartDto;
  @OrNull() @IsUUID() ovenId!: string | null;
  @IsBoolean() microwave!: boolean;
  @OrNull() @IsNumber() @Min(0) @Max(LONGEST_CHILL) rest!: number | null;
  @OrNull() @ValidateNested() @Type(() => TimedDto) timed!: TimedDto | null;
}

export class AsReadDto implements AsRead {
  @IsString() @MaxLength(300) title!: string;
  @IsIn(FAMILIES) family!: FamilyId;
  @OrNull() @IsNumber() @Min(0) batchGrams!: number | null;
  @IfSaid() @IsInt() @Min(0) open?: number;
}

const trialType = (of?: TypeHelpOptions) => {
  const { trial } = (of?.object ?? {}) as { readonly trial?: { readonly kind?: unknown } | null };
  return trial?.kind === 'process' ? ProcessTrialDto : BlendTrialDto;
};

/** A recipe as it is kept: the words, the ids of its lines, what was put right by hand, and what is asked of it. */
export class RecipeDocumentDto implements RecipeDocument {
  @Equals(11) schema!: 11;
  @ValidateNested() @Type(() => AsReadDto) asRead!: AsReadDto;
  @IsString() @MaxLength(LIMITS.textChars) @MaxLines() text!: string;
  @OrNull() @IsIn(LOCALES) locale!: Locale | null;
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
  @IsArray()
  @ArrayMaxSize(LIMITS.lines)
  @Matches(/^[\w:-]{1,160}$/, { each: true })
  asWritten!: readonly string[];
  @IsArray()
  @ArrayMaxSize(LIMITS.lines)
  @IsString({ each: true })
  @MaxLength(300, { each: true })
  taken!: readonly string[];
  @OrNull() @IsString() @MaxLength(LIMITS.foreignChars) foreign!: string | null;
  @ValidateNested() @Type(() => ConversionRequestDto) request!: ConversionRequestDto;
  @OrNull() @ValidateNested() @Type(() => ServingDto) serving!: ServingDto | null;
  @OrNull() @ValidateNested() @Type(() => BakeNotesDto) bakeSheet!: BakeNotesDto | null;
  @OrNull() @ValidateNested() @Type(() => PlannedStudyDto) study!: PlannedStudyDto | null;
  @OrNull() @ValidateNested() @Type(trialType) trial!: BlendTrialDto | ProcessTrialDto | null;
}

type Same<A, B> = A extends B ? (B extends A ? true : never) : never;
/** The core's type and the checked class say the same, both ways, or this doesn't compile. */
const _theSame: Same<RecipeDocument, RecipeDocumentDto> = true;

export interface RecipeSummary {
  readonly id: string;
  readonly version: number;
  readonly title: string;
  readonly family: FamilyId;
  readonly batchGrams: number | null;
  /** Whom it is for, as far as a list shows it. */
  readonly diet: Diet;
  readonly without: readonly Avoidance[];
  /** Ids of the people at its table, as far as the household still has them. */
  readonly people: readonly string[];
  /** Bakes in its log; none: it was never tried. */
  readonly bakes: number;
  /** Questions that are open; null: it was never worked out. */
  readonly open: number | null;
  readonly favourite: boolean;
  readonly tags: readonly string[];
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
  @IfSaid() @IsString() @MaxLength(200) cursor?: string;
  @IfSaid() @Type(() => Number) @IsNumber() @Min(1) @Max(LIMITS.pageSize) limit?: number;
}
