import { createListenerMiddleware } from '@reduxjs/toolkit';
import type { RootState } from '../state';
import { isChange, isUnsent, saved } from './draftSlice';
import { dropCopy, keepCopy, unsentCopies } from './mirror';
import { copiesFound, copyRefused } from './mirrorSlice';
import { atMostEvery } from '../../base/timing';

/** A keystroke is in the browser's own store after this long at most. */
const WITHIN_MS = 200;

const soon = atMostEvery(WITHIN_MS);

export const mirrorListening = createListenerMiddleware();

mirrorListening.startListening({
  matcher: isChange,
  effect: ({ payload: { id } }, { getState, dispatch }) => {
    soon(id, async () => {
      const draft = (getState() as RootState).drafts[id];
      if (draft && isUnsent(draft) && !(await keepCopy(draft))) dispatch(copyRefused());
    });
  },
});

mirrorListening.startListening({
  actionCreator: saved,
  effect: async ({ payload }, { getState }) => {
    const draft = (getState() as RootState).drafts[payload.id];
    if (draft && isUnsent(draft)) return;
    if (draft) await (await import('./histories')).keepHistory(draft);
    await dropCopy(payload.id);
  },
});

/** Looks once at the start for what an earlier page could not send. */
export const findCopies = () => async (dispatch: (action: ReturnType<typeof copiesFound>) => void) =>
  dispatch(copiesFound(await unsentCopies()));
