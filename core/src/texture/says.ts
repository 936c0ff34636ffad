import type { Bare, SaidOf } from '../vocabulary';
import type { Feature, Texture } from './data/terms';

/** By how much a texture moves, in steps that a taster tells apart; `unknown` where strong pulls cancel out. */
export interface EstimateSays {
  readonly 'clearly-less': Bare;
  readonly 'little-less': Bare;
  readonly same: Bare;
  readonly 'little-more': Bare;
  readonly 'clearly-more': Bare;
  readonly unknown: Bare;
}
export type Estimated = SaidOf<EstimateSays>;

/** What pulls at a texture: more of a feature than the original has, or less. */
export interface TextureSays extends EstimateSays {
  readonly pulls: { readonly texture: Texture; readonly feature: Feature; readonly less: boolean };
}
export type Pull = SaidOf<Pick<TextureSays, 'pulls'>>;
