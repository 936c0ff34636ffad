import type { FormulaLine } from '../formula';
import type { Profile } from '../family';
import type { BakeStart, LearntTime, OvenSetting, PanSize } from '../kitchen';
import type { Range } from '../quantity';
import type { BakeFacts } from '../process';
import type { TinMade } from '../vocabulary';
import type { Browning } from './browning';
import type { CoolDown } from './coolDown';
import type { Anchored } from './data/doubts';
import type { Layer } from './layer';
import type { OvenTemper } from './ovenTemper';
import type { SectionResult } from './section';

/** What is asked of an oven. */
export interface BakeQuestion {
  readonly original: readonly FormulaLine[];
  readonly converted: readonly FormulaLine[];
  readonly profile: Profile;
  readonly facts: BakeFacts | null;
  /** The tin and the oven of the converted bake; null: the recipe's own. */
  readonly pan: PanSize | null;
  readonly oven: OvenSetting | null;
  /** The lines are those of all parts, which are baked as one: a pastry with its filling. */
  readonly filled: boolean;
  /** Another stuff than the tin is made of; null: its own. */
  readonly made: TinMade | null;
  /** How the household's oven runs beside its dial. */
  readonly temper: OvenTemper;
  /** Height above the sea, m: water boils sooner up there. The recipe's own time is of the sea. */
  readonly altitudeMetres: number;
  /** How many of the recipe's own batches are made. Without another tin they fill as many more of the recipe's. */
  readonly batches: number;
  /** Pieces that a batch of the recipe makes, as it says; null where it says nothing. */
  readonly pieces: number | null;
  readonly start: BakeStart;
  /** Lines that go in frozen: berries. */
  readonly frozen: ReadonlySet<string>;
  /** True over simulated minutes of a bake of one's own; null: the recipe's time counts. */
  readonly timed: number | null;
  /** By what such bakes take longer in this kitchen's oven, by tin. */
  readonly learnt: readonly Pick<LearntTime, 'tin' | 'factor' | 'bakes'>[];
  /** W, where it is cooked in a microwave; null: it isn't. */
  readonly watts: number | null;
  /** Keep what the section of the converted bake looks like, minute by minute. */
  readonly framed?: boolean;
}

/** What it answers. */
export interface FoundBake {
  /** Null where it sees no oven. */
  readonly ovenCelsius: number | null;
  readonly fan: boolean;
  readonly pan: PanSize | null;
  readonly depthCm: number;
  /** Null when the simulation finds it never done in four hours. */
  readonly minutes: Range | null;
  readonly firstCheck: number | null;
  readonly doneCelsius: number;
  readonly centre: SectionResult['centre'];
  readonly crust: SectionResult['crust'];
  readonly edge: SectionResult['edge'];
  /** Empty unless they were asked for. */
  readonly frames: SectionResult['frames'];
  readonly doneBy: SectionResult['doneBy'];
  /** True / simulated for the wheat recipe; null when the recipe states no time, or a timed bake counts in its place. */
  readonly anchor: number | null;
  readonly anchored: Anchored;
  /** By what the simulated minutes were stretched. */
  readonly stretch: number;
  /** What of that the kitchen has learnt; null: nothing. */
  readonly learnt: Pick<LearntTime, 'factor' | 'bakes'> | null;
  /** °C as it came to the oven. */
  readonly startCelsius: number;
  /** °C at which its starch has set; null without flour. */
  readonly setCelsius: number | null;
  /** How brown its top is when it is done, and at the end of its window; null where it sees no oven. */
  readonly browning: { readonly done: Browning; readonly late: Browning } | null;
  readonly cooling: CoolDown | null;
  /** Minutes that it stays where it was baked. */
  readonly coolMinutes: number;
  readonly piece: Layer['piece'];
  /** In a microwave. */
  readonly watts: number | null;
}
