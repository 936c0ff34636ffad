import type { DaySetup, Pace, PlannedTask } from '../types';

/** What is needed of a docket beside the oven, copied when the run begins: it holds with no network, and whatever is edited meanwhile. */
export interface RunBake {
  readonly id: string;
  /** The recipe that its log is written to; null: none of the household's. */
  readonly recipe: string | null;
  readonly title: string;
  /** The list, a line each. */
  readonly lines: readonly string[];
  readonly steps: readonly { readonly id: string; readonly text: string }[];
  /** What holds on to gluten in the kitchen. */
  readonly checks: readonly string[];
  readonly doneSigns: string;
  readonly doneCelsius: number;
  /** The middle of it as it bakes, and when it is done by that, minutes from the oven's door. */
  readonly centre: readonly (readonly [minute: number, celsius: number])[];
  readonly doneMinutes: number | null;
}

/** What may happen on a bake day. */
export type Happening =
  | { readonly kind: 'done' | 'not-done' | 'started'; readonly task: string }
  /** Looked at and not done: again in so many minutes. */
  | {
      readonly kind: 'later';
      readonly task: string;
      readonly minutes: number;
      readonly probe: number | null;
      readonly look: string;
    }
  | { readonly kind: 'wrong'; readonly task: string; readonly note: string }
  | { readonly kind: 'ticked' | 'unticked'; readonly what: string }
  | { readonly kind: 'replanned'; readonly tasks: readonly PlannedTask[]; readonly lateMinutes: number }
  | { readonly kind: 'ended' };

/** Something that happened, ms since 1970. Events are only ever added, so that two devices never disagree: what both know is what either knew. */
export type RunEvent = { readonly id: string; readonly at: number } & Happening;

/** A bake day under way. */
export interface DayRun {
  readonly id: string;
  readonly zone: string;
  /** What was asked for, copied: it is planned again from that. */
  readonly setup: DaySetup;
  /** Whose hands it was planned for. */
  readonly pace: Pace;
  /** Ms since 1970. */
  readonly began: number;
  readonly tasks: readonly PlannedTask[];
  readonly bakes: readonly RunBake[];
  readonly events: readonly RunEvent[];
}

/** Something that goes on by itself, and rings at an absolute moment. */
export interface Timer {
  readonly from: number;
  /** When somebody is called; and when it is over by the plan. */
  readonly rings: number;
  readonly over: number;
  /** What for: a first look, the end of it, shelves that change places, or the end of what is watched on the hob or in the microwave. */
  readonly calls: 'look' | 'end' | 'swap' | 'cook';
  readonly task: PlannedTask;
  /** The task that is done when it was heard. */
  readonly marks: string;
}
