import { blendOfRun, type FlourShare, type Kitchen, type PlannedTrial } from '../../kitchen';
import type { TriedFlour } from './blend';
import type { TrialMarks } from './result';

type Cupboard = Kitchen['cupboard'];

/** A flour of which less is there than the bakes that are left take, g. */
export interface WantingFlour {
  readonly ingredient: string;
  readonly needed: number;
  readonly there: number;
}

const gramsOf = (ingredient: string, cupboard: NonNullable<Cupboard>): number =>
  cupboard.find((one) => one.ingredient === ingredient)?.grams ?? 0;

/** Flours with the greatest shares that their bags allow of so many half batches (g of flour each). No cupboard: no limit. */
export function withinCupboard(
  flours: readonly FlourShare[],
  cupboard: Cupboard,
  bakes: number,
  halfGrams: number,
): readonly TriedFlour[] {
  if (cupboard === null) return flours;
  return flours.map((one) => ({ ...one, most: gramsOf(one.ingredient, cupboard) / (bakes * halfGrams) }));
}

/** Flours that must be bought for the bakes of a trial that nothing was given yet. No cupboard, or a trial of how it is made: none. */
export function wantingFor(
  trial: PlannedTrial,
  marks: TrialMarks,
  cupboard: Cupboard,
  halfGrams: number,
): readonly WantingFlour[] {
  if (trial.kind === 'process' || cupboard === null) return [];
  const needed = new Map<string, number>();
  for (const run of trial.runs.filter(({ code }) => !marks[code]))
    for (const { ingredient, share } of blendOfRun(trial, run))
      needed.set(ingredient, (needed.get(ingredient) ?? 0) + share * halfGrams);
  return [...needed].flatMap(([ingredient, grams]) => {
    const there = gramsOf(ingredient, cupboard);
    return grams > there ? [{ ingredient, needed: grams, there }] : [];
  });
}
