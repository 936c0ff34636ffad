import { useMemo } from 'react';
import { guestsAt } from '@omniarton/core/kitchen';
import { NO_KITCHEN } from '../../state/kitchen/kitchenSlice';
import { useAppSelector } from '../../state/state';
import { useDraft } from '../../state/bench/onBench';
import { avoidanceWords, personName, strictnessWords } from '../../words/guard';

/** Whom the bake is for, in a few words: people by their names, and what is asked by hand. */
export function useWhom(household: string): readonly string[] {
  const { diet, gluten, without, seats } = useDraft(({ doc }) => doc.request);
  const all = useAppSelector((state) => (state.kitchens[household] ?? NO_KITCHEN).doc.people);
  return useMemo(() => {
    const here = guestsAt({ seats }, { people: all }).map(personName);
    const byHand = [
      ...(here.length === 0 || diet === 'grain-free' ? [diet] : []),
      ...(here.length === 0 ? [strictnessWords(gluten)] : []),
      ...without.map((one) => `no ${avoidanceWords(one)}`),
    ];
    return [...here, ...byHand];
  }, [all, diet, gluten, seats, without]);
}
