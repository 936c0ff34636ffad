import { createListenerMiddleware, createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { RootState } from '../app/store';
import { isChange, isUnsent, saved } from './draftSlice';
import { dropCopy, keepCopy, unsentCopies, type UnsentCopy } from './mirror';

/** A keystroke is in the browser's own store after this long at most. */
const WITHIN_MS = 200;

export interface MirrorState {
  /** The browser refuses to keep copies: the page says so and goes on. */
  readonly refused: boolean;
  /** Copies found at the start, offered until they are taken up or let go. */
  readonly found: readonly UnsentCopy[];
}

const initialState: MirrorState = { refused: false, found: [] };
const slice = createSlice({
  name: 'mirror',
  initialState,
  reducers: {
    copiesFound: (state, { payload }: PayloadAction<readonly UnsentCopy[]>) => ({ ...state, found: payload }),
    copySettled: (state, { payload }: PayloadAction<string>) => ({
      ...state,
      found: state.found.filter(({ id }) => id !== payload),
    }),
    copyRefused: (state) => ({ ...state, refused: true }),
  },
});
export const { copiesFound, copySettled, copyRefused } = slice.actions;
export const mirrorReducer = slice.reducer;

export const mirrorListening = createListenerMiddleware();

mirrorListening.startListening({
  matcher: isChange,
  effect: async ({ payload }, { getState, dispatch, delay, unsubscribe, subscribe }) => {
    // Throttled, not put off: keys that go on must not keep the first of them from being kept.
    unsubscribe();
    await delay(WITHIN_MS);
    subscribe();
    const draft = (getState() as RootState).drafts[payload.id];
    if (draft && isUnsent(draft) && !(await keepCopy(draft))) dispatch(copyRefused());
  },
});

mirrorListening.startListening({
  actionCreator: saved,
  effect: async ({ payload }, { getState }) => {
    const draft = (getState() as RootState).drafts[payload.id];
    if (!draft || !isUnsent(draft)) await dropCopy(payload.id);
  },
});

/** Looks once at the start for what an earlier page could not send. */
export const findCopies = () => async (dispatch: (action: ReturnType<typeof copiesFound>) => void) =>
  dispatch(copiesFound(await unsentCopies()));
