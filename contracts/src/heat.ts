import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import type {
  BakeStart,
  Microwave,
  Oven,
  OvenReading,
  OwnPan,
  PanSize,
  Timed,
} from '@omniarton/core/kitchen';
import {
  HOT_SIDES,
  PAN_SHAPES,
  START_BASES,
  START_HEATS,
  TIN_MADE,
  type HotSide,
  type PanShape,
  type StartBase,
  type StartHeat,
  type TinMade,
} from '@omniarton/core/vocabulary';
import { NAME_CHARS as NAME } from './limits';

const DAY = /^\d{4}-\d{2}-\d{2}$/;

export class PanSizeDto implements PanSize {
  @IsIn(PAN_SHAPES) shape!: PanShape;
  @IsNumber() @Min(1) @Max(100) lengthCm!: number;
  @IsNumber() @Min(1) @Max(100) widthCm!: number;
  @IsInt() @Min(1) @Max(200) count!: number;
  @IsOptional() @IsNumber() @Min(0.5) @Max(40) heightCm?: number;
  @IsOptional() @IsNumber() @Min(1) @Max(60) tubeCm?: number;
  @IsOptional() @IsIn(TIN_MADE) made?: TinMade;
  @IsOptional() @IsNumber() @Min(3) @Max(250) pieceMl?: number;
}

/** How a bake comes to the oven. */
export class BakeStartDto implements BakeStart {
  @IsIn(START_HEATS) from!: StartHeat;
  @IsIn(START_BASES) on!: StartBase;
  @IsBoolean() shared!: boolean;
}

/** A bake that was timed; a stretch beyond these is a mistake of the clock. */
export class TimedDto implements Timed {
  @IsUUID() bake!: string;
  @IsNumber() @Min(0.1) @Max(10) ratio!: number;
  @Matches(DAY) on!: string;
}

export class OwnPanDto implements OwnPan {
  @IsUUID() id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME) name!: string;
  @ValidateNested() @Type(() => PanSizeDto) size!: PanSizeDto;
}

class OvenReadingDto implements OvenReading {
  @IsNumber() @Min(30) @Max(300) dialCelsius!: number;
  @IsNumber() @Min(30) @Max(320) trueCelsius!: number;
  @IsBoolean() fan!: boolean;
  @Matches(DAY) on!: string;
}

export class OvenDto implements Oven {
  @IsUUID() id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME) name!: string;
  @IsBoolean() inUse!: boolean;
  @IsBoolean() fan!: boolean;
  @IsArray()
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => OvenReadingDto)
  readings!: readonly OvenReadingDto[];
  @IsOptional() @IsNumber() @Min(1) @Max(90) preheatMinutes!: number | null;
  @IsInt() @Min(1) @Max(6) racks!: number;
  @IsIn(HOT_SIDES) hotSide!: HotSide;
}

export class MicrowaveDto implements Microwave {
  @IsNumber() @Min(100) @Max(2000) watts!: number;
  @Matches(DAY) on!: string;
}
