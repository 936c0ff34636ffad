import { createContext, useContext } from 'react';
import type { BlendPart } from '@omniarton/core/blend';
import type { BlendBench } from '@omniarton/core/docket';
import { useKitchenAnswer } from '../../state/engine/useKitchenAnswer';
import { useHousehold } from '../../state/bench/onBench';
import { useRead } from '../../state/bench/useRead';

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
