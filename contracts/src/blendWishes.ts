import { ArrayMaxSize, IsArray, IsIn, IsInt, IsOptional, IsUUID, Matches, Max, Min } from 'class-validator';
import type { BlendWishes } from '@omniarton/core/kitchen';
import { AIMS, ROUTES, type Aim, type RouteId } from '@omniarton/core/vocabulary';
import { INGREDIENT_ID } from './limits';

/** What is wished of a blend: two to five flours, and at most twenty bags to buy. */
export class BlendWishesDto implements BlendWishes {
  @IsArray() @ArrayMaxSize(AIMS.length) @IsIn(AIMS, { each: true }) aims!: readonly Aim[];
  @IsInt() @Min(1) @Max(5) most!: number;
  @IsOptional() @Matches(INGREDIENT_ID) useUp!: string | null;
  @IsOptional() @IsInt() @Min(0) @Max(20) buy!: number | null;
  @IsOptional() @IsIn(ROUTES) route!: RouteId | null;
  @IsOptional() @IsUUID() jar!: string | null;
  @IsIn(['weight', 'cup']) jarBy!: BlendWishes['jarBy'];
}
