import type { Bare, SaidOf } from '../vocabulary';

/** What is to be known of a bake before it goes in. */
export interface HeatSays {
  /** cm that it rises to, the height of such a tin, and about how many ml may run over the rim of one. */
  readonly 'runs-over': {
    readonly risenCm: number;
    readonly heightCm: number;
    readonly ml: number;
    readonly each: boolean;
  };
  readonly 'no-metal': Bare;
}
export type HeatWarning = SaidOf<HeatSays>;
