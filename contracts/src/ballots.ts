import { Type } from 'class-transformer';
import { ValidateNested } from 'class-validator';
import type { BlindTray, TasteTest } from '@omniarton/core/taste';
import { BallotDto } from './tasting';

/** A tasting that is going on, as whoever tastes may see it: codes, and never what stands behind them. */
export interface TraysAnswer {
  readonly recipe: string;
  readonly tasting: string;
  readonly test: TasteTest;
  readonly about: string;
  readonly rounds: number;
  readonly trays: readonly (BlindTray & { readonly name: string })[];
}

export class HandInDto {
  @ValidateNested() @Type(() => BallotDto) ballot!: BallotDto;
}
