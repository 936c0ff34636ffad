import {
  criticalCount,
  differenceP,
  differencePower,
  jarPenalty,
  looking,
  panelSize,
  powersOf,
  preference,
  tellers,
  toNumber,
  type Estimate,
  type JarPenalty,
  type Protocol,
} from '../statistics';
import { given, sampleOf, type Given } from './given';
import { ALPHA, PROTOCOL_OF, WORTH } from './protocols';
import { ranked, type OnProgress, type RankedResult } from './ranked';
import type { TastingDocument } from './types';

/** What a test of a difference came to. */
export interface DifferenceResult {
  readonly kind: 'difference';
  readonly answers: number;
  readonly right: number;
  readonly p: number;
  /** Right answers that would be needed; null: so few answers can't show it. */
  readonly needed: number | null;
  readonly tellers: Estimate;
  /** How likely this panel finds a difference that half of people can tell; and how many answers would find it in eight of ten. */
  readonly power: number;
  readonly enough: number | null;
  /** Answers are of the same few people more than once. */
  readonly repeated: boolean;
}

/** What a comparison of two came to. */
export interface PairedResult {
  readonly kind: 'paired';
  readonly first: number;
  readonly second: number;
  readonly undecided: number;
  readonly p: number;
  readonly needed: number | null;
  /** P(the second has more), by what is believed after these answers. */
  readonly secondMore: number;
  /** How often somebody who looks after every taster, and stops at odds of nineteen to one, is wrong where there is nothing to be told. */
  readonly wrongIfLooked: number;
  readonly power: number;
  readonly enough: number | null;
}

/** What would be liked more or less of. */
export interface JustRightResult {
  readonly kind: 'just-right';
  readonly samples: readonly { readonly sample: number; readonly penalty: JarPenalty }[];
}

export interface NoResult {
  readonly kind: 'none';
}

export type TastingResult = DifferenceResult | PairedResult | RankedResult | JustRightResult | NoResult;

const POWER = 0.8;

/** Whether somebody picked the odd cup, or the one like the reference. */
function isRight({ tray, ballot }: Given): boolean {
  const { answer } = ballot;
  if (answer.kind !== 'pick') return false;
  const picked = sampleOf(tray, answer.code);
  const reference = tray.cups.find((cup) => cup.reference);
  if (reference) return picked === reference.sample;
  return tray.cups.filter(({ sample }) => sample === picked).length === 1;
}

function difference(tasting: TastingDocument, all: readonly Given[], protocol: Protocol): DifferenceResult {
  const n = all.length;
  const right = all.filter(isRight).length;
  return {
    kind: 'difference',
    answers: n,
    right,
    p: toNumber(differenceP(protocol, n, right)),
    needed: criticalCount(protocol, n, ALPHA)?.count ?? null,
    tellers: tellers(protocol, n, right, 0.95),
    power: differencePower(protocol, n, ALPHA, WORTH),
    enough: panelSize(powersOf(protocol, ALPHA, WORTH), POWER).stable,
    repeated: tasting.rounds > 1,
  };
}

/** Nothing is believed of a preference beforehand. */
const PRIOR = { a: 1, b: 1 } as const;
const STOPS_AT = 0.95;

function wrongIfLooked(tasters: number): number {
  const { forA, forB } = looking({ prior: PRIOR, threshold: STOPS_AT, most: tasters }, 0.5);
  return forA + forB;
}

function paired(all: readonly Given[]): PairedResult {
  const picks = all.flatMap(({ tray, ballot }) =>
    ballot.answer.kind === 'more'
      ? [ballot.answer.code === null ? null : (sampleOf(tray, ballot.answer.code) ?? null)]
      : [],
  );
  const [first, second] = [0, 1].map((sample) => picks.filter((one) => one === sample).length) as [
    number,
    number,
  ];
  const n = first + second;
  return {
    kind: 'paired',
    first,
    second,
    undecided: picks.length - n,
    p: n === 0 ? 1 : toNumber(differenceP(PROTOCOL_OF.paired, n, second)),
    needed: n === 0 ? null : (criticalCount(PROTOCOL_OF.paired, n, ALPHA)?.count ?? null),
    secondMore: preference(second, first, PRIOR).better,
    wrongIfLooked: wrongIfLooked(picks.length),
    power: n === 0 ? 0 : differencePower(PROTOCOL_OF.paired, n, ALPHA, WORTH),
    enough: panelSize(powersOf(PROTOCOL_OF.paired, ALPHA, WORTH), POWER).stable,
  };
}

/** What tasters said of each sample, 1 to 5, and how they liked it. */
function justRightMarks(
  tasting: TastingDocument,
  all: readonly Given[],
): readonly (readonly { readonly jar: number; readonly liking: number }[])[] {
  return tasting.samples.map((_, sample) =>
    all.flatMap(({ tray, ballot }) => {
      const { answer } = ballot;
      if (answer.kind !== 'just-right') return [];
      const cup = tray.cups.find((one) => one.sample === sample);
      return cup ? [{ jar: answer.marks[cup.code]!, liking: answer.liking[cup.code]! }] : [];
    }),
  );
}

/** Of a tasting by liking that is closed, how each bake was liked, 1 to 9; of another, nothing. */
export function likingOf(
  tasting: TastingDocument,
): readonly { readonly bake: string; readonly marks: readonly number[] }[] {
  if (tasting.test !== 'liking' || tasting.stage !== 'closed') return [];
  return tasting.samples.map(({ bake }, sample) => ({
    bake,
    marks: given(tasting).flatMap(({ tray, ballot }) => {
      const cup = tray.cups.find((one) => one.sample === sample);
      const mark = ballot.answer.kind === 'liking' && cup ? ballot.answer.marks[cup.code] : undefined;
      return mark === undefined ? [] : [mark];
    }),
  }));
}

/** Of a just-about-right tasting that is closed, what tasters said of each bake, 1 to 5; of another, nothing. */
export function justRightOf(
  tasting: TastingDocument,
): readonly { readonly bake: string; readonly marks: readonly number[] }[] {
  if (tasting.test !== 'just-right' || tasting.stage !== 'closed') return [];
  return justRightMarks(tasting, given(tasting)).map((said, at) => ({
    bake: tasting.samples[at]!.bake,
    marks: said.map(({ jar }) => jar),
  }));
}

function justRight(tasting: TastingDocument, all: readonly Given[]): TastingResult {
  const samples = justRightMarks(tasting, all).flatMap((marks, sample) => {
    if (marks.length === 0) return [];
    const penalty = jarPenalty(
      marks.map(({ liking }) => liking),
      marks.map(({ jar }) => jar),
    );
    return [{ sample, penalty }];
  });
  return samples.length > 0 ? { kind: 'just-right', samples } : { kind: 'none' };
}

/** What the ballots that are in say. Sealed until the tasting is closed: ask only then. `onProgress` is told the share that is counted. */
export function resultOf(tasting: TastingDocument, onProgress?: OnProgress): TastingResult {
  const all = given(tasting);
  if (all.length === 0) return { kind: 'none' };
  switch (tasting.test) {
    case 'triangle':
    case 'duo-trio':
      return difference(tasting, all, PROTOCOL_OF[tasting.test]);
    case 'paired':
      return paired(all);
    case 'ranking':
    case 'liking':
      return ranked(tasting, all, tasting.test, onProgress) ?? { kind: 'none' };
    case 'just-right':
      return justRight(tasting, all);
  }
}
