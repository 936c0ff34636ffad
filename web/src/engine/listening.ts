import { createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import type { Outcome } from '@omniarton/core/docket';
import type { RootState } from '../app/store';
import { edited, opened, resolved } from '../draft/draftSlice';
import { askEngine } from './engine';
import { asked, engineFailed, wasConverted, wasRead } from './engineSlice';
import type { ReadAnswer } from './engine.worker';

/** Keys that follow each other this fast are one question. */
const TYPING_MS = 120;

export const engineListening = createListenerMiddleware();

/** Each edit asks the engine anew; at most one question runs a draft, the newest wins. */
engineListening.startListening({
  matcher: isAnyOf(opened, edited, resolved),
  effect: async (action, { getState, dispatch, delay, cancelActiveListeners, signal }) => {
    cancelActiveListeners();
    const id = (action as { payload: { id: string } }).payload.id;
    dispatch(asked({ draft: id }));
    if (edited.match(action)) await delay(TYPING_MS);
    const draft = (getState() as RootState).drafts[id];
    if (!draft) return;
    const { revision, doc } = draft;
    try {
      const read = await askEngine<ReadAnswer>((engine) => engine.read(doc));
      if (signal.aborted) return;
      dispatch(wasRead({ draft: id, revision, read }));
      const outcome = await askEngine<Outcome | null>((engine) => engine.convert(read.recipe, doc.request));
      if (outcome && !signal.aborted) dispatch(wasConverted({ draft: id, revision, outcome }));
    } catch {
      if (!signal.aborted)
        dispatch(
          engineFailed({
            draft: id,
            words:
              'The engine has stopped twice on this recipe. What you typed is kept; change something to ask it again.',
          }),
        );
    }
  },
});
