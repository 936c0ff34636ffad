import * as Comlink from 'comlink';
import { useEffect, useState } from 'react';
import type { TastingDocument, TastingResult } from '@omniarton/core/taste';
import { askSlow } from '../engine/engine';

/** What a tasting came to; the share that is counted while it is being counted; why it can't be told. */
export type Counted =
  | { readonly kind: 'counting'; readonly done: number }
  | { readonly kind: 'failed' }
  | { readonly kind: 'counted'; readonly result: TastingResult };

const BEGUN: Counted = { kind: 'counting', done: 0 };

/** The result of a tasting, counted off the page's thread: a large panel takes a second. */
export function useResult(doc: TastingDocument): Counted {
  const [known, setKnown] = useState<{ readonly doc: TastingDocument; readonly as: Counted }>({
    doc,
    as: BEGUN,
  });
  useEffect(() => {
    let over = false;
    const set = (as: Counted) => {
      if (!over) setKnown({ doc, as });
    };
    const end = (as: Counted) => {
      set(as);
      over = true;
    };
    // It goes through a port of its own: what it says may come after the result.
    const onProgress = Comlink.proxy((done: number) => set({ kind: 'counting', done }));
    askSlow(async (engine) => await engine.tastingResult(doc, onProgress)).then(
      (result) => end({ kind: 'counted', result }),
      () => end({ kind: 'failed' }),
    );
    return () => {
      over = true;
    };
  }, [doc]);
  return known.doc === doc ? known.as : BEGUN;
}
