import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsString,
  IsUUID,
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
import { IfSaid, IsDay, OrNull } from './said';

export class PanSizeDto implements PanSize {
  @IsIn(PAN_SHAPES) shape!: PanShape;
  @IsNumber() @Min(1) @Max(100) lengthCm!: number;
  @IsNumber() @Min(1) @Max(100) widthCm!: number;
  @IsInt() @Min(1) @Max(200) count!: number;
  @IfSaid() @IsNumber() @Min(0.5) @Max(40) heightCm?: number;
  @IfSaid() @IsNumber() @Min(1) @Max(60) tubeCm?: number;
  @IfSaid() @IsIn(TIN_MADE) made?: TinMade;
  @IfSaid() @IsNumber() @Min(3) @Max(250) pieceMl?: number;
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
  @IsDay() on!: string;
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
  @IsDay() on!: string;
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
  @OrNull() @IsNumber() @Min(1) @Max(90) preheatMinutes!: number | null;
  @IsInt() @Min(1) @Max(6) racks!: number;
  @IsIn(HOT_SIDES) hotSide!: HotSide;
}

export class MicrowaveDto implements Microwave {
  @IsNumber() @Min(100) @Max(2000) watts!: number;
  @IsDay() on!: string;
}
