import { Type } from 'class-transformer';
import { Equals, IsString, MaxLength, ValidateNested } from 'class-validator';
import { IsDocket, IsKitchen } from './docketShape';
import { RecipeDocumentDto } from './recipe';

/** A docket that is kept: never changed again, with the engine that made it and all it was made from. */
export class KeptDocketDto {
  @Equals(1) schema!: 1;
  @IsString() @MaxLength(60) engine!: string;
  @ValidateNested() @Type(() => RecipeDocumentDto) from!: RecipeDocumentDto;
  @IsKitchen() kitchen!: object;
  @IsDocket() docket!: object;
}

export interface DocketSummary {
  readonly id: string;
  readonly engine: string;
  readonly createdAt: string;
}

export interface DocketAnswer extends DocketSummary {
  readonly doc: KeptDocketDto;
}
