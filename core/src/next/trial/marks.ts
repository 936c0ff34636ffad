import { runName, type BakeNotes, type PlannedTrial } from '../../kitchen';
import { likingOf, type TastingDocument } from '../../taste';
import type { TrialMarks } from './result';

/** A bake of the log, as far as a trial hears of it. */
export interface MarkedBake {
  readonly id: string;
  readonly notes: Pick<BakeNotes, 'variant' | 'looks'>;
}

/**
 * What was given to each run's bakes. Blind tasters' words on the whole are taken in the place of the baker's own, who knew what it was; of
 * anything else the baker's mark when it had cooled.
 */
export function trialMarks(
  { runs, mark }: PlannedTrial,
  bakes: readonly MarkedBake[],
  tastings: readonly TastingDocument[],
): TrialMarks {
  const blind = new Map<string, number[]>();
  if (mark === 'overall')
    for (const { bake, marks } of tastings.flatMap(likingOf))
      blind.set(bake, [...(blind.get(bake) ?? []), ...marks]);
  const given = runs.map(({ code }): [string, number[]] => [
    code,
    bakes.flatMap(({ id, notes }) => {
      if (notes.variant?.name !== runName(code)) return [];
      const own = notes.looks[0]?.marks[mark];
      return blind.get(id) ?? (own === undefined ? [] : [own]);
    }),
  ]);
  return Object.fromEntries(given.filter(([, marks]) => marks.length > 0));
}
