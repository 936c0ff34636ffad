import type { Avoidance, Strictness } from '../vocabulary';

/** Something that a person at the table avoids. */
export interface Avoided {
  readonly what: Avoidance;
  readonly how: Exclude<Strictness, 'certified'>;
}

/** What somebody can't or won't eat. */
export interface Needs {
  /** Null: eats gluten. */
  readonly gluten: Strictness | null;
  /** Null: eats grain. */
  readonly grainFree: { readonly pseudocereals: boolean; readonly derived: boolean } | null;
  readonly avoids: readonly Avoided[];
}
