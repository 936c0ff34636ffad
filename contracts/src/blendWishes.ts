import { ArrayMaxSize, IsArray, IsIn, IsInt, IsUUID, Matches, Max, Min } from 'class-validator';
import type { BlendWishes } from '@omniarton/core/kitchen';
import { AIMS, ROUTES, type Aim, type RouteId } from '@omniarton/core/vocabulary';
import { INGREDIENT_ID } from './limits';
import { OrNull } from './said';

/** What is wished of a blend: two to five flours, and at most twenty bags to buy. */
export class BlendWishesDto implements BlendWishes {
  @IsArray() @ArrayMaxSize(AIMS.length) @IsIn(AIMS, { each: true }) aims!: readonly Aim[];
  @IsInt() @Min(1) @Max(5) most!: number;
  @OrNull() @Matches(INGREDIENT_ID) useUp!: string | null;
  @OrNull() @IsInt() @Min(0) @Max(20) buy!: number | null;
  @OrNull() @IsIn(ROUTES) route!: RouteId | null;
  @OrNull() @IsUUID() jar!: string | null;
  @IsIn(['weight', 'cup']) jarBy!: BlendWishes['jarBy'];
}
