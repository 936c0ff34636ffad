import { createContext, useContext } from 'react';
import { useStore } from 'react-redux';
import type { BlendPart } from '@omniarton/core/blend';
import type { BlendBench } from '@omniarton/core/docket';
import type { RootState } from '../../app/state';
import { useKitchenAnswer } from '../../engine/useKitchenAnswer';
import { useDraftId, useEngine, useHousehold } from '../bench/onBench';

/**
 * The recipe as it was read last, and which revision that answers to: what questions about it hang on. `settled`: wait until
 * its docket is whole, so that a long question doesn't hold it up.
 */
export function useRead({ settled = false } = {}) {
  const store = useStore<RootState>();
  const draft = useDraftId();
  const revision = useEngine(({ quick, slow }) => (settled ? slow : quick));
  return {
    about: [draft, revision] as const,
    /** As it stands when the question is asked. */
    now: () => {
      const { drafts, engine } = store.getState();
      const recipe = engine[draft]?.answer?.recipe;
      const request = drafts[draft]?.doc.request;
      return recipe && request ? { recipe, request } : null;
    },
  };
}

/** What lies on the blend bench; null until the engine has laid it, or where no wheat is to be replaced. */
export function useBlendBench(shares: readonly BlendPart[]): BlendBench | null {
  const { about, now } = useRead();
  const ids = shares.map(({ ingredient }) => ingredient);
  const { data } = useKitchenAnswer(useHousehold(), [...about, 'bench', ids], async (engine, key) => {
    const read = now();
    return read ? await engine.blendBench(key, read.recipe, read.request, ids) : { bench: null };
  });
  return data?.bench ?? null;
}

const Bench = createContext<BlendBench | null>(null);
export const BlendBenchProvider = Bench.Provider;

/** The bench of the stage that this is shown on. */
export function useOnBlendBench(): BlendBench {
  const bench = useContext(Bench);
  if (!bench) throw new Error('There is no blend bench: BlendBenchProvider is missing above.');
  return bench;
}
