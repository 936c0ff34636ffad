import { useStore } from 'react-redux';
import type { RootState } from '../state';
import { useDraftId, useEngine } from './onBench';

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
