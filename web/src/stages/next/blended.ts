import { useMemo } from 'react';
import type { Docket } from '@omniarton/core/docket';
import type { FlourShare } from '@omniarton/core/kitchen';
import { useRequest } from '../../state/bench/onBench';

/** A flour of the docket's blend. */
export interface Blended extends FlourShare {
  readonly name: string;
}

const HALF = 0.5;

/** The blend of the part that has one, and how much flour a half batch of it takes, g. */
export function useBlended(docket: Docket | null): {
  readonly blend: readonly Blended[];
  readonly halfGrams: number;
} {
  const [{ scale }] = useRequest();
  return useMemo(() => {
    const blend = docket?.parts.find((part) => part.blend.length > 0)?.blend ?? [];
    const grams = blend.reduce((sum, one) => sum + one.grams, 0);
    // What is scaled already is baked so; what isn't, by halves.
    return { blend, halfGrams: grams * (scale === null ? HALF : 1) };
  }, [docket, scale]);
}
