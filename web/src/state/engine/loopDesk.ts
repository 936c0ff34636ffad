import type { ConversionRequest, FlourShare, PlannedTrial, TrialFactor } from '@omniarton/core/kitchen';
import type {
  Baked,
  Beside,
  MarkedBake,
  Next,
  NextAsk,
  TrialMarks,
  TrialResult,
  WantingFlour,
} from '@omniarton/core/next';
import type { Recipe } from '@omniarton/core/read';
import type { TastingDocument, TastingResult } from '@omniarton/core/taste';
import type { MarkScale } from '@omniarton/core/vocabulary';
import { differenceWords } from '../../words/differences';
import { practiceDesk } from './practiceDesk';
import type { InKitchen } from './desk';

/** What is known of a bake afterwards comes when somebody asks for it. */
const taste = () => import('@omniarton/core/taste');
const next = () => import('@omniarton/core/next');

/** A trial of a blend that is to be planned. */
export interface TrialAsk {
  readonly flours: readonly FlourShare[];
  readonly held: readonly FlourShare[];
  readonly bakes: number;
  readonly mark: MarkScale;
  readonly seed: number;
  /** Flour of one half batch, g. */
  readonly halfGrams: number;
  /** Only what is in the cupboard. */
  readonly onHand: boolean;
}

/** A trial as it stands. */
export interface TrialSeen {
  readonly marks: TrialMarks;
  readonly result: TrialResult;
  readonly wanting: readonly WantingFlour[];
}

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
  /** A plan of half batches that tells most of some flours; of what is in the cupboard alone where that is asked for. */
  async planTrial(key: string, { flours, held, bakes, mark, seed, halfGrams, onHand }: TrialAsk) {
    const { planTrial, withinCupboard } = await next();
    return inKitchen(key, ({ cupboard }) => {
      const tried = onHand ? withinCupboard(flours, cupboard, bakes, halfGrams) : flours;
      return planTrial(tried, held, bakes, mark, seed);
    });
  },
  /** The same of how it is made. */
  planProcessTrial: async (
    factors: readonly TrialFactor[],
    bakes: number,
    mark: MarkScale,
    seed: number,
  ): Promise<PlannedTrial> => (await next()).planProcessTrial(factors, bakes, mark, seed),
  /** What a trial's bakes were given so far, what that says, and what of its flours must be bought for all of it. */
  async trialSeen(
    key: string,
    trial: PlannedTrial,
    bakes: readonly MarkedBake[],
    tastings: readonly TastingDocument[],
    halfGrams: number,
  ): Promise<TrialSeen | null> {
    const { trialMarks, trialResult, wantingFor } = await next();
    const marks = trialMarks(trial, bakes, tastings);
    return inKitchen(key, ({ cupboard }) => ({
      marks,
      result: trialResult(trial, marks),
      wanting: wantingFor(trial, marks, cupboard, halfGrams),
    }));
  },
  ...practiceDesk,
  /** What differs between two bakes, what that should do, and what was seen of it. */
  bakesBeside: async (a: Baked, b: Baked): Promise<Beside> => (await next()).besideOf(a, b),
});
