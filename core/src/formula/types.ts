import type { Role } from '../vocabulary';

/** One ingredient of a formula with its weight. `line` ties it to the line of the recipe that it came from. */
export interface FormulaLine {
  readonly line: string;
  readonly ingredient: string;
  readonly name: string;
  readonly role: Role;
  /** Grams, central. */
  readonly grams: number;
  readonly low: number;
  readonly high: number;
}

export interface FormulaPart {
  readonly id: string;
  readonly name: string | null;
  readonly lines: readonly FormulaLine[];
}
