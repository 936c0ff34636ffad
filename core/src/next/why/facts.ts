import type { FamilyId } from '../../vocabulary';
import type { Change } from './changes';

/** Low, as it should be, or high. */
export type Level = -1 | 0 | 1;

/** What a flour of a blend is led by, where that tells how a bake looks or tastes. */
export type Led = 'nut' | 'coconut' | 'seed' | 'bean' | 'starch';

/** One thing that was done otherwise: as it is called, and what it is known to be a change of. */
export interface Changed {
  readonly words: string;
  readonly changes: readonly Change[];
}

/** What formula, process and log say of one bake. Null: nothing is known. */
export interface Facts {
  readonly family: FamilyId;
  /** Shares of the flours, 0–1. */
  readonly shares: Readonly<Record<Led | 'sweetRice' | 'coarse', number>>;
  /** Binder, g xanthan-equivalent per 100 g flour; and fat, egg, sugar likewise. */
  readonly gum: number | null;
  readonly fat: number | null;
  readonly egg: number | null;
  readonly sugar: number | null;
  /** What is usual where somebody states it: the same measures, and the starch by a ratio. */
  readonly usual: { readonly fat?: number; readonly egg?: number; readonly sugar?: number };
  /** Starch over what is usual in such a bake, where that is stated. */
  readonly starchRatio: number | null;
  /** Free water beside the thirst. */
  readonly drink: Level | null;
  readonly lift: Level | null;
  /** g per 100 g flour. */
  readonly soda: number | null;
  readonly acidGone: boolean;
  readonly restMinutes: number | null;
  readonly chillHours: number | null;
  /** A thermometer in the oven (or oil) above its dial, °C. */
  readonly ovenOff: number | null;
  /** Share of the tin's depth that was filled. */
  readonly fill: number | null;
  /** Minutes given over minutes that it should need. */
  readonly timed: number | null;
  /** Of the middle as it came out, °C. */
  readonly inner: number | null;
  readonly cutWarm: boolean | null;
  /** Of yeast: risen enough? */
  readonly proofed: boolean | null;
  readonly pierced: boolean | null;
  /** A filling or a wall that is stated not to have set. */
  readonly unset: boolean;
  /** A foam that was whipped too long or too little, or stirred hard. */
  readonly foamHurt: boolean;
  /** Flour that is stated to be coarse, or sugar. */
  readonly coarse: boolean;
  /** How old it was, or how it was kept, days; null: fresh, or not said. */
  readonly days: number | null;
  /** What was changed since a bake that was good; null: nothing is known of another. */
  readonly changes: readonly Changed[] | null;
}

/** Nothing known of a bake but its family. */
export const NOTHING_KNOWN: Omit<Facts, 'family'> = {
  shares: { nut: 0, coconut: 0, seed: 0, bean: 0, starch: 0, sweetRice: 0, coarse: 0 },
  gum: null,
  fat: null,
  egg: null,
  sugar: null,
  usual: {},
  starchRatio: null,
  drink: null,
  lift: null,
  soda: null,
  acidGone: false,
  restMinutes: null,
  chillHours: null,
  ovenOff: null,
  fill: null,
  timed: null,
  inner: null,
  cutWarm: null,
  proofed: null,
  pierced: null,
  unset: false,
  foamHurt: false,
  coarse: false,
  days: null,
  changes: null,
};
