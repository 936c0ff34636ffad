import type { FamilyId, SymptomId } from '../vocabulary';
import type { PanSize } from './documents';

/** By what a bake takes longer (or less) in this kitchen than such bakes do, as the household took it over from what was learnt. */
export interface LearntTime {
  /** By its name; null: the oven that no recipe names. */
  readonly oven: string | null;
  /** Shape of the tin, or "pieces". */
  readonly tin: string;
  readonly family: FamilyId;
  readonly factor: number;
  /** So many bakes taught it. */
  readonly bakes: number;
  /** `YYYY-MM-DD`. */
  readonly on: string;
}

/** How a tin is counted where times are learnt. */
export const tinKind = (pan: Pick<PanSize, 'shape'> | null): string => pan?.shape ?? 'pieces';

/** How strongly a symptom speaks for a cause in this kitchen, in the place of the table's own word. */
export interface Likelihood {
  readonly cause: string;
  readonly symptom: SymptomId;
  readonly by: number;
}

/** What a kitchen has taken over of what was learnt, and what somebody has said about what may be. */
export interface KitchenLearning {
  readonly times: readonly LearntTime[];
  /** Bakes that teach nothing any more. */
  readonly forgotten: readonly string[];
  /** Bakes that teach, however far off they are. */
  readonly trusted: readonly string[];
  /** Nothing before that day counts, by topic and what it is of ("time/oven"). */
  readonly since: Readonly<Record<string, string>>;
  readonly likelihoods: readonly Likelihood[];
}

export const NOTHING_LEARNT: KitchenLearning = {
  times: [],
  forgotten: [],
  trusted: [],
  since: {},
  likelihoods: [],
};
