import { Type } from 'class-transformer';
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
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import {
  PACED,
  type Asleep,
  type DayDocument,
  type DayRun,
  type DaySetup,
  type Pin,
  type PlannedBake,
  type RunBake,
  type RunEvent,
  type TimedWork,
} from '@omniarton/core/clock';
import { NAME_CHARS } from './limits';
import { IfSaid, IsClockTime, IsDay, OrNull } from './said';

const MOST_BAKES = 40;
const MOST_TASKS = 1500;
const MOST_EVENTS = 4000;
const MOST_TIMED = 200;
const ID_CHARS = 80;
const NOTE_CHARS = 400;
const STEP_CHARS = 4000;
const CLOCK = /^(?:[01]\d|2[0-3]):[0-5]\d$/;
/** The year 2100, ms since 1970. */
const LATEST = 4_102_444_800_000;

class PlannedBakeDto implements PlannedBake {
  @IsUUID() id!: string;
  @IsUUID() recipe!: string;
  @IsClockTime() at!: string;
  @IfSaid() @IsString() @MaxLength(10) trial?: string;
}

class AsleepDto implements Asleep {
  @Matches(CLOCK) from!: string;
  @Matches(CLOCK) to!: string;
}

class PinDto implements Pin {
  @IsString() @MaxLength(ID_CHARS) task!: string;
  @IsInt() @Min(0) @Max(LATEST) begins!: number;
  @IsBoolean() begun!: boolean;
  @OrNull() @IsNumber() @Min(0) @Max(10_000) minutes!: number | null;
  @OrNull() @IsString() @MaxLength(ID_CHARS) oven!: string | null;
}

/** What a household says of its bake day. */
class DaySetupDto implements DaySetup {
  @IsString() @MaxLength(ID_CHARS) zone!: string;
  @IsArray()
  @ArrayMaxSize(MOST_BAKES)
  @ValidateNested({ each: true })
  @Type(() => PlannedBakeDto)
  bakes!: readonly PlannedBakeDto[];
  @IsInt() @Min(1) @Max(6) hands!: number;
  @IsInt() @Min(1) @Max(6) mixers!: number;
  @OrNull() @IsInt() @Min(1) @Max(60) fridge!: number | null;
  @OrNull()
  @IsArray()
  @ArrayMaxSize(20)
  @IsString({ each: true })
  @MaxLength(ID_CHARS, { each: true })
  ovens!: readonly string[] | null;
  @OrNull() @ValidateNested() @Type(() => AsleepDto) asleep!: AsleepDto | null;
  @IsArray()
  @ArrayMaxSize(MOST_TASKS)
  @ValidateNested({ each: true })
  @Type(() => PinDto)
  pins!: readonly PinDto[];
}

class RunStepDto {
  @IsString() @MaxLength(ID_CHARS) id!: string;
  @IsString() @MaxLength(STEP_CHARS) text!: string;
}

class RunBakeDto implements RunBake {
  @IsUUID() id!: string;
  @OrNull() @IsUUID() recipe!: string | null;
  @IsString() @MaxLength(NAME_CHARS * 4) title!: string;
  @IsArray()
  @ArrayMaxSize(200)
  @IsString({ each: true })
  @MaxLength(NOTE_CHARS, { each: true })
  lines!: readonly string[];
  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => RunStepDto)
  steps!: readonly RunStepDto[];
  @IsArray()
  @ArrayMaxSize(60)
  @IsString({ each: true })
  @MaxLength(NOTE_CHARS, { each: true })
  checks!: readonly string[];
  @IsString() @MaxLength(NOTE_CHARS) doneSigns!: string;
  @IsNumber() @Min(0) @Max(200) doneCelsius!: number;
  @IsArray() @ArrayMaxSize(2000) @IsArray({ each: true }) centre!: readonly (readonly [number, number])[];
  @OrNull() @IsNumber() @Min(0) @Max(10_000) doneMinutes!: number | null;
}

/** Tasks are what the page's own engine planned, and read by it alone: they are objects, within the body's limits. */
const Tasks = (): PropertyDecorator => (target, property) => {
  for (const one of [IsArray(), ArrayMaxSize(MOST_TASKS), IsObject({ each: true })]) one(target, property);
};

const KINDS = [
  'done',
  'not-done',
  'started',
  'later',
  'wrong',
  'ticked',
  'unticked',
  'replanned',
  'ended',
] as const;

/** Something that happened: which of the further fields it has, its kind says. */
class RunEventDto {
  @IsString() @MaxLength(ID_CHARS) id!: string;
  @IsInt() @Min(0) @Max(LATEST) at!: number;
  @IsIn(KINDS) kind!: (typeof KINDS)[number];
  @IfSaid() @IsString() @MaxLength(ID_CHARS) task?: string;
  @IfSaid() @IsNumber() @Min(0) @Max(1000) minutes?: number;
  /** Null: nobody measured. */
  @ValidateIf((_, value: unknown) => value !== undefined && value !== null)
  @IsNumber()
  @Min(-20)
  @Max(200)
  probe?: number | null;
  @IfSaid() @IsString() @MaxLength(NOTE_CHARS) look?: string;
  @IfSaid() @IsString() @MaxLength(NOTE_CHARS) note?: string;
  @IfSaid() @IsString() @MaxLength(NOTE_CHARS) what?: string;
  @IfSaid() @Tasks() tasks?: readonly object[];
  @IfSaid() @IsNumber() @Min(0) @Max(10_000) lateMinutes?: number;
}

class PaceDto implements Partial<Record<(typeof PACED)[number], number>> {
  @IfSaid() @IsNumber() @Min(0.1) @Max(10) mix?: number;
  @IfSaid() @IsNumber() @Min(0.1) @Max(10) shape?: number;
  @IfSaid() @IsNumber() @Min(0.1) @Max(10) finish?: number;
}

class TimedWorkDto implements TimedWork {
  @IsString() @MaxLength(ID_CHARS) run!: string;
  @IsIn(PACED) kind!: (typeof PACED)[number];
  @IsNumber() @Min(0.1) @Max(10) ratio!: number;
  @IsDay() on!: string;
}

class DayRunDto {
  @IsUUID() id!: string;
  @IsString() @MaxLength(ID_CHARS) zone!: string;
  @ValidateNested() @Type(() => DaySetupDto) setup!: DaySetupDto;
  @ValidateNested() @Type(() => PaceDto) pace!: PaceDto;
  @IsInt() @Min(0) @Max(LATEST) began!: number;
  @Tasks() tasks!: DayRun['tasks'];
  @IsArray()
  @ArrayMaxSize(MOST_BAKES)
  @ValidateNested({ each: true })
  @Type(() => RunBakeDto)
  bakes!: readonly RunBakeDto[];
  @IsArray()
  @ArrayMaxSize(MOST_EVENTS)
  @ValidateNested({ each: true })
  @Type(() => RunEventDto)
  events!: readonly (RunEventDto & RunEvent)[];
}

/** A household's bake day, planned and run. */
export class DayDto extends DaySetupDto implements DayDocument {
  @Equals(2) schema!: 2;
  @OrNull() @ValidateNested() @Type(() => DayRunDto) run!: DayRunDto | null;
  @IsArray()
  @ArrayMaxSize(MOST_TIMED)
  @ValidateNested({ each: true })
  @Type(() => TimedWorkDto)
  timed!: readonly TimedWorkDto[];
}

export interface DayAnswer {
  readonly version: number;
  readonly doc: DayDto;
}
