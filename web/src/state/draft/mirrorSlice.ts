import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { UnsentCopy } from './mirror';

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
