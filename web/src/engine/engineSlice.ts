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

export const EMPTY_ENGINE: EngineState = {
  revision: -1,
  read: null,
  outcome: null,
  stale: true,
  failed: null,
};

type Engines = Readonly<Record<string, EngineState>>;

/** One draft's state replaced. The answers are frozen and large: no drafts are made of them. */
function put(state: unknown, draft: string, change: (known: EngineState) => EngineState): Engines {
  const engines = state as Engines;
  return { ...engines, [draft]: change(engines[draft] ?? EMPTY_ENGINE) };
}

const slice = createSlice({
  name: 'engine',
  initialState: {} as Engines,
  reducers: {
    asked: (state, { payload }: PayloadAction<{ draft: string }>) =>
      put(state, payload.draft, (known) => ({ ...known, stale: true, failed: null })),
    wasRead: (state, { payload }: PayloadAction<{ draft: string; revision: number; read: ReadAnswer }>) =>
      put(state, payload.draft, (known) =>
        payload.revision >= known.revision
          ? { ...known, revision: payload.revision, read: payload.read }
          : known,
      ),
    // An older answer never covers a newer one.
    wasConverted: (
      state,
      { payload }: PayloadAction<{ draft: string; revision: number; outcome: Outcome }>,
    ) =>
      put(state, payload.draft, (known) =>
        payload.revision >= known.revision
          ? { ...known, revision: payload.revision, outcome: payload.outcome, stale: false }
          : known,
      ),
    engineFailed: (state, { payload }: PayloadAction<{ draft: string; words: string }>) =>
      put(state, payload.draft, (known) => ({ ...known, stale: false, failed: payload.words })),
  },
});

export const { asked, wasRead, wasConverted, engineFailed } = slice.actions;
export const engineReducer = slice.reducer;
