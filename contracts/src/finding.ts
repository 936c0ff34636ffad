import { Transform } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsString,
  IsUUID,
  Matches,
  MaxLength,
} from 'class-validator';
import { FAMILIES, type FamilyId } from '@omniarton/core/vocabulary';
import { IfSaid } from './said';
import { PageQuery, type PageOf, type RecipeSummary } from './recipe';

/** In which order a list stands: what was touched last first, by its name, or what fits the words best. */
export const LIST_ORDERS = ['changed', 'title', 'best'] as const;
export type ListOrder = (typeof LIST_ORDERS)[number];

/** So many recipes are marked or put away at once. */
export const MOST_SEVERAL = 200;
export const LONGEST_TAG = 40;
/** A tag is words without a comma, so that several can be written in one line. */
const TAG = /^[^\s,](?:[^,\n]*[^\s,])?$/u;

/** What a list of recipes is narrowed to. */
export class FindQuery extends PageQuery {
  @IfSaid() @IsString() @MaxLength(200) q?: string;
  @IfSaid() @IsIn(FAMILIES) family?: FamilyId;
  /** Id of somebody at its table. */
  @IfSaid() @IsUUID() whom?: string;
  @IfSaid() @IsIn(['never']) tried?: 'never';
  /** Questions are open, or it was never worked out. */
  @IfSaid() @IsIn(['yes']) open?: 'yes';
  @IfSaid() @IsIn(['yes']) favourite?: 'yes';
  @IfSaid() @IsString() @MaxLength(LONGEST_TAG) tag?: string;
  @IfSaid() @IsIn(LIST_ORDERS) sort?: ListOrder;
}

const trimmed = ({ value }: { readonly value: unknown }): unknown =>
  typeof value === 'string' ? value.replace(/\s+/g, ' ').trim() : value;

/** Several recipes of a household, by their ids. */
export class SeveralDto {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_SEVERAL)
  @IsUUID(undefined, { each: true })
  ids!: readonly string[];
}

/** What a household marks a recipe with. */
export interface Marks {
  readonly favourite: boolean;
  readonly tags: readonly string[];
}

/** Marks on several recipes at once: what isn't named stays as it is. */
export class MarkDto extends SeveralDto {
  @IfSaid() @IsBoolean() favourite?: boolean;
  @IfSaid() @Transform(trimmed) @Matches(TAG) @MaxLength(LONGEST_TAG) tag?: string;
  @IfSaid() @Transform(trimmed) @Matches(TAG) @MaxLength(LONGEST_TAG) untag?: string;
}

export interface FoundAnswer extends PageOf<RecipeSummary> {
  /** How many there are in all; said with the first page. */
  readonly found: number | null;
}

/** A tag and how many recipes have it. */
export interface TagCount {
  readonly tag: string;
  readonly recipes: number;
}

/** How many recipes it was done to. */
export interface SeveralAnswer {
  readonly recipes: number;
}
