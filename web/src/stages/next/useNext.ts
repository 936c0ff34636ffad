import type { BakeAnswer } from '@omniarton/contracts';
import type { Docket } from '@omniarton/core/docket';
import type { Next } from '@omniarton/core/next';
import type { RecipeAt } from '../../api/api';
import { useDocketQuery } from '../../api/bakesApi';
import { askSlow } from '../../state/engine/engine';
import { useKitchenAnswer } from '../../state/engine/useKitchenAnswer';
import { useRequest } from '../../state/bench/onBench';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { useRead } from '../../state/bench/useRead';

interface Asked {
  readonly household: string;
  readonly recipe: string;
  readonly bake: BakeAnswer;
  /** The bake that it was a change of. */
  readonly before: BakeAnswer | undefined;
}

/** A bake with the docket that it was baked from; undefined while that is on its way. */
export function useBaked({ household, recipe }: RecipeAt, bake: BakeAnswer | undefined) {
  const { currentData, error } = useDocketQuery(
    { household, recipe, docket: bake?.doc.docket ?? '' },
    { skip: !bake },
  );
  const docket = currentData?.doc.docket as Docket | undefined;
  return { baked: bake && docket ? { docket, notes: bake.doc.notes } : undefined, error };
}

/** Why a bake came out as it was seen, and what to do otherwise. Null while it is being worked out. */
export function useNext(asked: Asked) {
  const { household, bake, before } = asked;
  const read = useRead({ settled: true });
  const { likelihoods } = useKitchen(household).doc.learning;
  const [request] = useRequest();
  const one = useBaked(asked, bake);
  const other = useBaked(asked, before);
  const ready = one.baked !== undefined && (before === undefined || other.baked !== undefined);
  const answer = useKitchenAnswer<{ readonly next: Next | null }>(
    household,
    [
      'next',
      ready,
      bake.id,
      bake.doc.notes,
      before?.id,
      before?.version,
      request,
      likelihoods,
      ...read.about,
    ],
    async (engine, key) => {
      const now = read.now();
      if (!now || !one.baked || !ready) return { next: null };
      const next = await engine.next(key, now.recipe, now.request, {
        baked: one.baked,
        before: other.baked ?? null,
        likelihoods,
      });
      return next && { next };
    },
    askSlow,
  );
  return {
    next: ready ? (answer.data?.next ?? null) : null,
    stale: answer.stale,
    failed: answer.failed || one.error !== undefined || other.error !== undefined,
  };
}
