import { useMemo } from 'react';
import { useIngredients } from '../engine/useIngredients';

/** What the ingredients of a kitchen are called. */
export function useNames(household: string): (id: string) => string {
  const all = useIngredients(household);
  const names = useMemo(() => new Map(all.map(({ id, name }) => [id, name])), [all]);
  return (id) => names.get(id) ?? id;
}
