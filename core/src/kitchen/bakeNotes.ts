import type { LookTime, MarkScale, SymptomId } from '../vocabulary';

/** Marks from 1 to 9 on scales whose two ends are words; missing: nobody judged. */
export type Marks = Readonly<Partial<Record<MarkScale, number>>>;

/** How a bake was judged at one time. */
export interface Look {
  readonly when: LookTime;
  readonly marks: Marks;
}

/** Something that was seen, and how clearly: 1 clear, less where it was slight. */
export interface Seen {
  readonly symptom: SymptomId;
  readonly degree: number;
}

/** What was measured; null: nobody took it. Weights of all tins together, g; lengths in mm; °C. */
export interface Measured {
  /** A thermometer in the oven, beside its dial. */
  readonly trueCelsius: number | null;
  readonly roomCelsius: number | null;
  readonly doughCelsius: number | null;
  /** In the middle, when it came out. */
  readonly probeCelsius: number | null;
  readonly filledGrams: number | null;
  readonly bakedGrams: number | null;
  readonly heightMm: number | null;
  readonly spreadMm: number | null;
  readonly pieces: number | null;
}

/** How a batter looked. */
export const BATTER_LOOKS = ['too thin', 'right', 'too thick'] as const;
export type BatterLook = (typeof BATTER_LOOKS)[number];

export interface BatterJudged {
  readonly mixed: BatterLook | null;
  readonly rested: BatterLook | null;
  /** Spoonfuls of liquid that were added (−: of flour). */
  readonly spoonfuls: number | null;
}

/** A flour as it went in: whose bag, and which batch of it. */
export interface BagUsed {
  readonly ingredient: string;
  readonly bag: string;
  readonly batch: string;
}

/** On which rack it stood, from the top. */
export const RACK_PLACES = ['top', 'middle', 'bottom'] as const;
export type RackPlace = (typeof RACK_PLACES)[number];

/** Something that was done otherwise this time, on purpose: a variant of what was baked before. */
export interface VariantOf {
  readonly name: string;
  /** The bake that it is a change of; null: none is named. */
  readonly parent: string | null;
}

/** Something that happened, on the clocks of the place: `HH:mm`. */
export interface Moment {
  readonly at: string;
  readonly what: string;
}

/** What is written down of a bake. Numbers that nobody took are null. */
export interface BakeNotes {
  /** Calendar day, `YYYY-MM-DD`. */
  readonly bakedOn: string;
  readonly minutes: number | null;
  /** What the dial said. */
  readonly ovenCelsius: number | null;
  readonly rack: RackPlace | null;
  readonly notes: string;
  /** Baked as the page has it, with its own flour: the docket is what it would have been. */
  readonly asWritten: boolean;
  /** When what was done, in order. */
  readonly moments: readonly Moment[];
  /** Null: it is no change of another. */
  readonly variant: VariantOf | null;
  readonly measured: Measured;
  readonly batter: BatterJudged;
  /** What differed from tin to tin. */
  readonly tins: string;
  readonly bags: readonly BagUsed[];
  readonly looks: readonly Look[];
  /** What wasn't as it should be. */
  readonly seen: readonly Seen[];
  /** Whether it was cut or turned out warm; null: not said. */
  readonly cut: 'cold' | 'warm' | null;
  /** What was expected of a change before it was baked; empty: nothing was. */
  readonly expected: string;
  /** Pieces that are still frozen; null: none were put away. */
  readonly frozen: number | null;
}

/** A sheet with nothing on it but its day. */
export const emptyNotes = (bakedOn: string): BakeNotes => ({
  bakedOn,
  minutes: null,
  ovenCelsius: null,
  rack: null,
  notes: '',
  asWritten: false,
  moments: [],
  variant: null,
  measured: {
    trueCelsius: null,
    roomCelsius: null,
    doughCelsius: null,
    probeCelsius: null,
    filledGrams: null,
    bakedGrams: null,
    heightMm: null,
    spreadMm: null,
    pieces: null,
  },
  batter: { mixed: null, rested: null, spoonfuls: null },
  tins: '',
  bags: [],
  seen: [],
  cut: null,
  expected: '',
  looks: [],
  frozen: null,
});
