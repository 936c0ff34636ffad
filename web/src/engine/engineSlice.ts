import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Outcome } from '@omniarton/core/docket';
import type { ReadAnswer } from './engine.worker';

/** What the engine has said of a draft. `stale`: a newer question is under way; the last answer stays meanwhile. */
export interface EngineState {
  readonly revision: number;
  readonly read: ReadAnswer | null;
  readonly outcome: Outcome | null;
  readonly stale: boolean;
  readonly failed: string | null;
}

export const EMPTY_ENGINE: EngineState = { revision: -1, read: null, outcome: null, stale: true, failed: null };

const slice = createSlice({
  name: 'engine',
  initialState: {} as Record<string, EngineState>,
  reducers: {
    asked: (state, { payload }: PayloadAction<{ draft: string }>) => {
      state[payload.draft] = { ...(state[payload.draft] ?? EMPTY_ENGINE), stale: true, failed: null };
    },
    wasRead: (state, { payload }: PayloadAction<{ draft: string; revision: number; read: ReadAnswer }>) => {
      const known = state[payload.draft] ?? EMPTY_ENGINE;
      if (payload.revision >= known.revision) state[payload.draft] = { ...known, revision: payload.revision, read: payload.read };
    },
    wasConverted: (state, { payload }: PayloadAction<{ draft: string; revision: number; outcome: Outcome }>) => {
      const known = state[payload.draft] ?? EMPTY_ENGINE;
      // An older answer never covers a newer one.
      if (payload.revision >= known.revision) state[payload.draft] = { ...known, revision: payload.revision, outcome: payload.outcome, stale: false };
    },
    engineFailed: (state, { payload }: PayloadAction<{ draft: string; words: string }>) => {
      state[payload.draft] = { ...(state[payload.draft] ?? EMPTY_ENGINE), stale: false, failed: payload.words };
    },
  },
});

export const { asked, wasRead, wasConverted, engineFailed } = slice.actions;
export const engineReducer = slice.reducer;
