import type { ConversionRequest, Kitchen, PlannedTrial, TrialRun } from '@omniarton/core/kitchen';
import type { Baked, Beside, FlourShare, Next, NextAsk, TrialMarks, TrialResult } from '@omniarton/core/next';
import type { Recipe } from '@omniarton/core/read';
import type { TastingDocument, TastingResult } from '@omniarton/core/taste';
import type { MarkScale } from '@omniarton/core/vocabulary';
import { differenceWords } from '../../words/differences';

type InKitchen = <T>(key: string, work: (kitchen: Kitchen) => T) => T | null;

/** What is known of a bake afterwards comes when somebody asks for it. */
const taste = () => import('@omniarton/core/taste');
const next = () => import('@omniarton/core/next');

/** What the page may ask of bakes that are over: what a tasting says, why one came out as it did, how two differ. */
export const loopDesk = (inKitchen: InKitchen) => ({
  /** What a tasting's ballots say; counting all that chance could bring may take a second. */
  tastingResult: async (doc: TastingDocument, onProgress: (done: number) => void): Promise<TastingResult> =>
    (await taste()).resultOf(doc, onProgress),
  /** Why a bake came out as it was seen, and what to do otherwise. */
  async next(
    key: string,
    recipe: Recipe,
    request: ConversionRequest,
    ask: Omit<NextAsk, 'inWords'>,
  ): Promise<Next | null> {
    const { nextFor } = await next();
    return inKitchen(key, (kitchen) =>
      nextFor(recipe, request, kitchen, { ...ask, inWords: differenceWords }),
    );
  },
  /** A plan of half batches that tells most of some flours. */
  planTrial: async (
    flours: readonly FlourShare[],
    held: readonly FlourShare[],
    bakes: number,
    mark: MarkScale,
    seed: number,
  ): Promise<PlannedTrial> => (await next()).planTrial(flours, held, bakes, mark, seed),
  /** The whole blend of one of its half batches. */
  blendOfRun: async (trial: PlannedTrial, run: TrialRun): Promise<readonly FlourShare[]> =>
    (await next()).blendOfRun(trial, run),
  /** What a trial's marks say so far. */
  trialResult: async (trial: PlannedTrial, marks: TrialMarks): Promise<TrialResult> =>
    (await next()).trialResult(trial, marks),
  /** What differs between two bakes, what that should do, and what was seen of it. */
  bakesBeside: async (a: Baked, b: Baked): Promise<Beside> => (await next()).besideOf(a, b),
});
