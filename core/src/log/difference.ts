import type { Docket } from '../docket';
import type { BakeNotes } from '../kitchen';

/** Something in which one bake differs from another, in figures; words are made of it later. */
export type Difference =
  | {
      readonly kind: 'line';
      readonly name: string;
      /** Grams of each; null: it isn't in that one. */
      readonly from: number | null;
      readonly to: number | null;
    }
  | {
      readonly kind: 'minutes' | 'oven' | 'true-oven' | 'rest' | 'pieces' | 'filled';
      readonly from: number;
      readonly to: number;
    }
  | { readonly kind: 'rack' | 'tin' | 'tins' | 'bag'; readonly from: string; readonly to: string };

/** A bake as it is compared: its docket, and what was written down. */
export interface Baked {
  readonly docket: Docket;
  readonly notes: BakeNotes;
}

/** Amounts nearer than this share are the same on a kitchen's scales; and what a list is rounded by, g, in either batch. */
const SAME_AMOUNT = 0.02;
const ROUNDED_BY = 0.35;
/** Minutes, °C and pieces that are no difference. */
const SAME_MINUTES = 1;
const SAME_CELSIUS = 3;
const SAME_SHARE = 0.05;

function gramsOf({ parts }: Docket): Map<string, number> {
  const grams = new Map<string, number>();
  for (const line of parts.flatMap(({ lines }) => lines)) {
    if (!line.grams || line.grams.central <= 0) continue;
    const name = line.name.toLowerCase();
    grams.set(name, (grams.get(name) ?? 0) + line.grams.central);
  }
  return grams;
}

/** By what the other batch is smaller: the middle of the ratios of what is in both, so that one line more or less moves nothing else. */
function batchRatio(a: ReadonlyMap<string, number>, b: ReadonlyMap<string, number>): number {
  const ratios = [...a].flatMap(([name, grams]) => {
    const other = b.get(name);
    return other === undefined ? [] : [grams / other];
  });
  return ratios.sort((one, other) => one - other)[Math.floor(ratios.length / 2)] ?? 1;
}

/** Amounts that differ, both brought to the same batch: half of one is no difference. */
function lineDifferences(one: Docket, other: Docket): Difference[] {
  const [a, b] = [gramsOf(one), gramsOf(other)];
  const scale = batchRatio(a, b);
  return [...new Set([...a.keys(), ...b.keys()])].flatMap((name): Difference[] => {
    const [from, to] = [a.get(name) ?? null, b.get(name) ?? null];
    const brought = to === null ? null : to * scale;
    if (from !== null && brought !== null) {
      const same = Math.max(SAME_AMOUNT * Math.max(from, brought), ROUNDED_BY * (1 + scale));
      if (Math.abs(brought - from) <= same) return [];
    }
    return [{ kind: 'line', name, from, to: brought }];
  });
}

type Figure = Exclude<Difference, { kind: 'line' } | { kind: 'rack' | 'tin' | 'tins' | 'bag' }>['kind'];

function figure(kind: Figure, from: number | null, to: number | null, same: number): Difference[] {
  return from === null || to === null || Math.abs(from - to) <= same ? [] : [{ kind, from, to }];
}

function word(kind: 'rack' | 'tin' | 'tins' | 'bag', from: string | null, to: string | null): Difference[] {
  return from === null || to === null || from === to ? [] : [{ kind, from, to }];
}

const tinOf = ({ bake }: Docket): string | null =>
  bake.pan && `${bake.pan.shape} ${bake.pan.lengthCm} × ${bake.pan.widthCm} cm`;

/** Bags of the same flour that are not the same. */
const bagDifferences = (a: BakeNotes, b: BakeNotes): Difference[] =>
  a.bags.flatMap((one) => {
    const other = b.bags.find(({ ingredient }) => ingredient === one.ingredient);
    return other ? word('bag', `${one.bag} ${one.batch}`.trim(), `${other.bag} ${other.batch}`.trim()) : [];
  });

/**
 * All in which one bake differs from another: what went in (for the same batch), how long and how hot, where it stood, what it
 * stood in. Only what was written down of both counts.
 */
export function differencesOf(one: Baked, other: Baked): Difference[] {
  const [a, b] = [one.notes, other.notes];
  const rest = ({ docket }: Baked) => docket.rest.minutes[0];
  return [
    ...lineDifferences(one.docket, other.docket),
    ...figure('rest', rest(one), rest(other), SAME_MINUTES * 5),
    ...figure('minutes', a.minutes, b.minutes, SAME_MINUTES),
    ...figure('oven', a.ovenCelsius, b.ovenCelsius, SAME_CELSIUS),
    ...figure('true-oven', a.measured.trueCelsius, b.measured.trueCelsius, SAME_CELSIUS),
    ...figure('pieces', a.measured.pieces, b.measured.pieces, 0),
    ...figure(
      'filled',
      a.measured.filledGrams,
      b.measured.filledGrams,
      SAME_SHARE * (a.measured.filledGrams ?? 0),
    ),
    ...word('rack', a.rack, b.rack),
    ...word('tin', tinOf(one.docket), tinOf(other.docket)),
    ...word('tins', a.tins === '' ? null : a.tins, b.tins === '' ? null : b.tins),
    ...bagDifferences(a, b),
  ];
}

/** What a recipe or somebody's hand changes on purpose; all else came along. */
const MEANT: ReadonlySet<Difference['kind']> = new Set<Difference['kind']>(['line', 'rest']);

/**
 * What differs beyond what a variant meant to change: a longer bake, another rack, another bag. A change of the bake alone is what was
 * meant where nothing else changed.
 */
export function confounded(differences: readonly Difference[]): Difference[] {
  const meant = differences.filter(({ kind }) => MEANT.has(kind));
  const beside = differences.filter(({ kind }) => !MEANT.has(kind));
  return meant.length === 0 && beside.length === 1 ? [] : beside;
}
