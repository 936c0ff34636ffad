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

/** What a docket can count with beside times: each is of one flour, or of one kind of bake. */
export const KEPT_TOPICS = ['thirst', 'dose', 'done', 'sweetness', 'moistness'] as const;
export type KeptTopic = (typeof KEPT_TOPICS)[number];

/** A figure that the household took over from what was learnt: from then on it stands in the place of the table's. */
export interface KeptFigure {
  readonly topic: KeptTopic;
  /** A flour of the catalogue for thirst, else a kind of bake. */
  readonly of: string;
  /** A factor on the table's own; of `done` degrees beside it, °C. */
  readonly value: number;
  /** So many bakes taught it. */
  readonly bakes: number;
  /** `YYYY-MM-DD`. */
  readonly on: string;
}

/** A figure that was taken over; nothing on the table moves where none was. */
export const keptValue = (
  kept: readonly KeptFigure[] | undefined,
  topic: KeptTopic,
  of: string,
  otherwise: number,
): number => kept?.find((one) => one.topic === topic && one.of === of)?.value ?? otherwise;

/** What a kitchen has taken over of what was learnt, and what somebody has said about what may be. */
export interface KitchenLearning {
  readonly times: readonly LearntTime[];
  readonly kept: readonly KeptFigure[];
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
  kept: [],
  forgotten: [],
  trusted: [],
  since: {},
  likelihoods: [],
};
