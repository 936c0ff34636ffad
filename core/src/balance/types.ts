import type { Blend } from '../blend';
import type { Catalogue } from '../catalogue';
import type { BandRow, EggJob, Profile } from '../family';
import type { FormulaLine } from '../formula';
import type { ConversionRequest } from '../kitchen';
import type { Because, End, EndSays, FindingSays, PartWarning } from './says';
import type { BalanceId, Confidence, FamilyId, RouteId, SaidOf } from '../vocabulary';

/** A change with its reason. */
export interface Shift {
  /** The rule that made it, and the line it is about. */
  readonly id: string;
  readonly rule: string;
  readonly line: string | null;
  readonly from: End;
  readonly to: End;
  readonly because: Because;
  readonly source: string;
  readonly confidence: Confidence;
}

/** What is balanced, each in absolute units of a part: g of water, fat, sugars and xanthan-equivalent; mmol of CO₂. */
export const QUANTITIES = ['drink', 'fat', 'sugar', 'lift', 'binder'] as const;
export type Quantity = (typeof QUANTITIES)[number];

/** A demand on a quantity of a part: between low and high, with a weight against the others. */
export interface Target {
  readonly quantity: Quantity;
  readonly low: number;
  readonly high: number;
  readonly weight: number;
  readonly rule: string;
  /** Null where it hangs on what the lines come to. */
  readonly because: Because | null;
}

/** One part on its way from wheat to a docket. Lines are replaced, never changed in place. */
export interface PartState {
  readonly id: string;
  readonly original: readonly FormulaLine[];
  readonly lines: readonly FormulaLine[];
  /** Grams of wheat flour that the blend has taken over; 0 where flour builds nothing in this part. */
  readonly replaced: number;
  readonly shifts: readonly Shift[];
  readonly warnings: readonly PartWarning[];
  /** Which starch is cooked in which liquid to bind; null: none. */
  readonly cooked: EndSays['cooked'] | null;
}

/** What is the same for all parts of a bake. */
export interface BakeSetting {
  readonly request: ConversionRequest;
  readonly catalogue: Catalogue;
  readonly route: RouteId;
  readonly blend: Blend;
}

/** What a rule may look at. */
export interface Setting extends BakeSetting {
  /** Of this part: a crumble on a muffin is a crumble. */
  readonly family: FamilyId;
  /** Its flour only thickens: nothing is built of it. */
  readonly thickens: boolean;
  readonly profile: Profile;
  /** What egg does in it: of the family, unless it is brushed on, the method whips its whites, or it is a custard. */
  readonly eggJob: EggJob;
  readonly bands: BandRow;
}

/** What the method says of a part. */
export interface PartSays {
  /** Its flour only thickens: nothing is built of it. */
  readonly thickens: boolean;
  /** The whites of its eggs are whipped apart. */
  readonly whipsWhites: boolean;
  /** It is only brushed on. */
  readonly glazes: boolean;
}

/** A named unit of judgement. */
interface Rule {
  readonly id: string;
  /** The balance that asks for it; null: what the flour is, or who eats it. */
  readonly balance: BalanceId | null;
  readonly reason: string;
  readonly source: string;
  readonly confidence: Confidence;
}

/** A discrete replacement of lines. They run in the order of their dependence: flour, stand-ins, binder. */
export interface SwapRule extends Rule {
  readonly swap: (part: PartState, setting: Setting) => PartState;
}

/** A demand that all adjustable lines of the part meet together. */
export interface TargetRule extends Rule {
  readonly target: (part: PartState, setting: Setting) => readonly Target[];
}

/** What no shift mends, and somebody should know before they bake. It looks at the part as it is to be baked. */
export interface WarningRule extends Rule {
  readonly warn: (part: PartState, setting: Setting) => readonly PartWarning[];
}

/** What is likely to go wrong, why, and how likely (0–1, our judgement). */
export interface Finding {
  readonly id: string;
  readonly because: SaidOf<FindingSays>;
  readonly likelihood: number;
}
