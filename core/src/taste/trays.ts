import { codesFrom, numbersFrom, servingOrders, shuffled } from '../statistics';
import type { Ballot, BlindTray, Cup, TasteTest, TastingDocument, Tray } from './types';

/** Orders of two samples in each test of a difference: all of them equally often. The first of duo-trio is the reference. */
const PATTERNS: Readonly<Partial<Record<TasteTest, readonly (readonly number[])[]>>> = {
  triangle: [
    [0, 0, 1],
    [0, 1, 0],
    [1, 0, 0],
    [1, 1, 0],
    [1, 0, 1],
    [0, 1, 1],
  ],
  'duo-trio': [
    [0, 0, 1],
    [0, 1, 0],
    [1, 0, 1],
    [1, 1, 0],
  ],
  paired: [
    [0, 1],
    [1, 0],
  ],
};

/** Fewest and most samples of each test. */
export const SAMPLES_OF: Readonly<Record<TasteTest, readonly [number, number]>> = {
  triangle: [2, 2],
  'duo-trio': [2, 2],
  paired: [2, 2],
  'just-right': [1, 4],
  liking: [2, 6],
  ranking: [3, 6],
};

/** More cups than there are codes for are no tasting at a kitchen table. */
const MOST_CUPS = 600;

/**
 * What each taster gets in each round: which sample in which place, balanced over the panel (Williams for rankings and liking), each cup
 * under a code of its own; behind them the trays of a training round, if there is one. The same document always gives the same trays. Throws RangeError beyond 600 cups.
 */
export function traysOf(tasting: TastingDocument): Tray[] {
  const { test, samples, tasters, rounds, seed } = tasting;
  const below = numbersFrom(seed);
  const code = codesFrom(below);
  const seats = tasters.flatMap(({ id }) =>
    Array.from({ length: rounds }, (_, round) => ({ taster: id, round })),
  );
  const patterns = PATTERNS[test];
  const orders = patterns
    ? dealt(patterns, seats.length, below)
    : shuffled(servingOrders(samples.length, seats.length), below);
  if (orders.reduce((sum, order) => sum + order.length, 0) > MOST_CUPS)
    throw new RangeError(`More than ${MOST_CUPS} cups.`);
  const cupsOf = (order: readonly number[]): readonly Cup[] =>
    order.map((sample, place): Cup => {
      const reference = test === 'duo-trio' && place === 0;
      return { sample, reference, code: reference ? 'reference' : code() };
    });
  const served = seats.map(({ taster, round }, at): Tray => ({
    taster,
    round: round + 1,
    cups: cupsOf(orders[at]!),
  }));
  if (!tasting.training || !TRAINED.has(test)) return served;
  const trained = dealt(patterns!, tasters.length, below);
  return [
    ...served,
    ...tasters.map(({ id }, at): Tray => ({ taster: id, round: TRAINING, cups: cupsOf(trained[at]!) })),
  ];
}

/** The round that counts for nothing. */
export const TRAINING = 0;
/** Tests that may be trained for: there is something to be told right. */
export const TRAINED: ReadonlySet<TasteTest> = new Set<TasteTest>(['triangle', 'duo-trio']);

/** The right answer of a tray of a difference test: the odd one, or the one like the reference. */
export function rightOf({ cups }: Tray): string | undefined {
  const [first] = cups;
  if (first?.reference) return cups.slice(1).find(({ sample }) => sample === first.sample)?.code;
  return cups.find(({ sample }) => cups.filter((one) => one.sample === sample).length === 1)?.code;
}

/** Ballots that count: not those of the training round. */
export const countedBallots = ({ ballots }: TastingDocument): readonly Ballot[] =>
  ballots.filter(({ round }) => round !== TRAINING);

/** Whether a ballot is of a tray: the same taster's, in the same round. */
export const isOf =
  ({ taster, round }: Pick<Tray, 'taster' | 'round'>) =>
  (ballot: Pick<Ballot, 'taster' | 'round'>): boolean =>
    ballot.taster === taster && ballot.round === round;

/** Trays of those who still taste. */
export const servedTrays = (tasting: TastingDocument): Tray[] =>
  traysOf(tasting).filter(({ taster }) => !tasting.withdrawn.includes(taster));

/** Patterns for so many trays: whole sets of them, each set in another order, so that they come as equally often as can be. */
function dealt(
  patterns: readonly (readonly number[])[],
  count: number,
  below: (n: number) => number,
): (readonly number[])[] {
  const all: (readonly number[])[] = [];
  while (all.length < count) all.push(...shuffled(patterns, below));
  return all.slice(0, count);
}

/** A tray without what stands behind its codes. */
export const blind = ({ cups, ...tray }: Tray): BlindTray => ({
  ...tray,
  cups: cups.map(({ code, reference }) => ({ code, reference })),
});
