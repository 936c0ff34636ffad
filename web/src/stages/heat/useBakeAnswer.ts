import type { SlowAnswers } from '@omniarton/core/docket';
import type { ConversionRequest } from '@omniarton/core/kitchen';
import type { Recipe } from '@omniarton/core/read';
import { askSlow } from '../../state/engine/engine';
import { useKitchenAnswer } from '../../state/engine/useKitchenAnswer';
import { useEngine, useHousehold } from '../../state/bench/onBench';
import { useRead } from '../../state/bench/useRead';

type Door = Parameters<Parameters<typeof askSlow>[0]>[0];
type OfBake = readonly [recipe: Recipe, request: ConversionRequest, slow: SlowAnswers];

/**
 * What the slow engine says of the bake on the bench, asked once its docket is whole. `without`: the answer where there is no bake to
 * ask about.
 */
export function useBakeAnswer<T>(
  about: readonly unknown[],
  without: T,
  question: (engine: Door, key: string, ...bake: OfBake) => Promise<T | null>,
) {
  const slow = useEngine(({ slowAnswers }) => slowAnswers);
  const read = useRead({ settled: true });
  return useKitchenAnswer<T>(
    useHousehold(),
    [...read.about, ...about],
    async (engine, key) => {
      const now = read.now();
      return now && slow ? await question(engine, key, now.recipe, now.request, slow) : without;
    },
    askSlow,
  );
}
