import { useEffect, useState } from 'react';
import { useStore } from 'react-redux';
import { useAppSelector, type RootState } from '../state';
import { kitchenLaid } from '../kitchen/kitchenSlice';
import { askQuick, type askSlow } from './engine';
import { askInKitchen, parcelOf } from './kitchens';

type Ask = typeof askSlow;
type Door = Parameters<Parameters<Ask>[0]>[0];

/** Asks an engine in a kitchen, once. */
export function askOnce<T>(
  store: { getState: () => RootState; dispatch: (action: ReturnType<typeof kitchenLaid>) => unknown },
  household: string,
  question: (door: Door, key: string) => Promise<T | null>,
  ask: Ask = askQuick,
): Promise<T> {
  return askInKitchen<T>(ask, parcelOf(store.getState(), household), question, (troubles) =>
    store.dispatch(kitchenLaid({ household, troubles })),
  );
}

/**
 * What an engine answers in a kitchen, asked again whenever `about` or the kitchen changes. The last answer stays while a
 * newer question is under way; an older answer never covers a newer one.
 */
export function useKitchenAnswer<T>(
  household: string,
  about: readonly unknown[],
  question: (door: Door, key: string) => Promise<T | null>,
  ask: Ask = askQuick,
): { readonly data: T | null; readonly stale: boolean; readonly failed: boolean } {
  const store = useStore<RootState>();
  /** Undefined until the kitchen is here: before that there is nothing to ask in. */
  const edition = useAppSelector((state) => state.kitchens[household]?.edition);
  const [answer, setAnswer] = useState<{ data: T | null; to: string; failed: boolean }>({
    data: null,
    to: '',
    failed: false,
  });
  const asked = JSON.stringify([household, edition, ...about]);
  useEffect(() => {
    let gone = false;
    if (edition === undefined) return;
    askOnce(store, household, question, ask).then(
      (data) => (gone ? undefined : setAnswer({ data, to: asked, failed: false })),
      () => (gone ? undefined : setAnswer((before) => ({ ...before, to: asked, failed: true }))),
    );
    return () => void (gone = true);
    // `asked` stands for the question and all that it is about.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [store, household, edition, asked, ask]);
  return { data: answer.data, stale: answer.to !== asked, failed: answer.failed };
}
