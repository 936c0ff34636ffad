import { useMemo } from 'react';
import type { FlourClass } from '@omniarton/core/vocabulary';
import { useKitchenAnswer } from './useKitchenAnswer';

/** Which class each flour is of: its pattern hangs on it. */
export function useFlourClasses(household: string): ReadonlyMap<string, FlourClass> {
  const { data } = useKitchenAnswer(household, ['flours'], async (engine, key) => await engine.flours(key));
  return useMemo(() => new Map((data ?? []).map(({ id, class: kind }) => [id, kind])), [data]);
}
