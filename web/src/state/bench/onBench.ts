import { createContext, useCallback, useContext } from 'react';
import { useStore } from 'react-redux';
import type { ConversionRequest } from '@omniarton/core/kitchen';
import { useAppDispatch, useAppSelector, type RootState } from '../state';
import { edited, type Draft } from '../draft/draftSlice';
import type { Edit } from '../draft/edits';
import { EMPTY_ENGINE, isStale, type EngineState } from '../engine/engineSlice';
import { useLasting } from '../../ui/useLasting';
import { useRested } from '../../ui/useRested';

/** The recipe on the bench. */
const OnBench = createContext<string | null>(null);
export const BenchProvider = OnBench.Provider;

/** Null where no recipe is open. */
export const useBenchId = (): string | null => useContext(OnBench);

export function useDraftId(): string {
  const id = useBenchId();
  if (id === null) throw new Error('There is no recipe on this bench: BenchProvider is missing above.');
  return id;
}

/** Something of the draft that is open; the page shows stages only while there is one. */
export function useDraft<T>(select: (draft: Draft) => T): T {
  const id = useDraftId();
  return useAppSelector((state) => select(state.drafts[id]!));
}

export function useEngine<T>(select: (engine: EngineState) => T): T {
  const id = useDraftId();
  return useAppSelector((state) => select(state.engine[id] ?? EMPTY_ENGINE));
}

/** An answer that takes no longer than this marks nothing as old. */
const BLINK_MS = 250;

/** What the slow engine said is of an older question, and has been for more than a blink. */
export const useStale = (): boolean => useLasting(useEngine(isStale), BLINK_MS);

/** The page holds something, and what it comes to is still being worked out for the first time. */
export function useAwaited(): boolean {
  const written = useDraft(({ doc }) => doc.text.trim() !== '');
  return useEngine((engine) => engine.outcome === null && (engine.asked < 0 || isStale(engine))) && written;
}

export function useEdit(): (edit: Edit) => void {
  const id = useDraftId();
  const dispatch = useAppDispatch();
  return useCallback((edit) => void dispatch(edited(id, edit)), [dispatch, id]);
}

/** What is asked of the conversion, and how to ask otherwise. */
export function useRequest(): [ConversionRequest, (part: Partial<ConversionRequest>) => void] {
  const request = useDraft((draft) => draft.doc.request);
  const edit = useEdit();
  return [request, useCallback((part) => edit({ kind: 'request', request: part }), [edit])];
}

/** Asks for something that hangs on what is asked for at that moment; the same function at every drawing. */
export function useAskLater(): (part: (now: ConversionRequest) => Partial<ConversionRequest>) => void {
  const store = useStore<RootState>();
  const id = useDraftId();
  const edit = useEdit();
  return useCallback(
    (part) => {
      const draft = store.getState().drafts[id];
      if (draft) edit({ kind: 'request', request: part(draft.doc.request) });
    },
    [store, id, edit],
  );
}

export const useHousehold = (): string => useDraft(({ household }) => household);

/** The docket as it stands; null while there is none. */
export const useDocket = () =>
  useEngine(({ outcome }) => (outcome?.outcome === 'docket' ? outcome.docket : null));

/** Answers that follow each other faster than this, as while a handle is moved, aren't put in words. */
const REST_MS = 200;

/** The docket for what has to be read: sentences, lists, threads. */
export const useRestedDocket = () => useRested(useDocket(), REST_MS);
