import { createSlice } from '@reduxjs/toolkit';
import { copyWithStructuralSharing } from '@reduxjs/toolkit/query';
import type { Conversion, Outcome, SlowAnswers } from '@omniarton/core/docket';
import { plain } from '../../base/plain';
import { closed } from '../draft/draftSlice';
import type { QuickAnswer } from './answers';
import type { EngineFailure } from './failure';

/** What the engine has said of a draft. The last good answer stays while a newer question is under way. */
export interface EngineState {
  /** The newest revision that has been asked about, and those that the quick and the slow answer are to. */
  readonly asked: number;
  readonly quick: number;
  readonly slow: number;
  readonly answer: Omit<QuickAnswer, 'outcome'> | null;
  readonly outcome: Outcome | null;
  readonly slowAnswers: SlowAnswers | null;
  readonly failed: EngineFailure | null;
  /** How far (0–1) the search among larger sets of flours has come, while the best of smaller ones is shown; null: none. */
  readonly deeper: number | null;
}

export const EMPTY_ENGINE: EngineState = {
  asked: -1,
  quick: -1,
  slow: -1,
  answer: null,
  outcome: null,
  slowAnswers: null,
  failed: null,
  deeper: null,
};

export type Engines = Readonly<Record<string, EngineState>>;

interface About {
  readonly draft: string;
  readonly revision: number;
}

const on =
  <P extends { readonly draft: string }>(change: (known: EngineState, payload: P) => Partial<EngineState>) =>
  (engines: Engines, payload: P): Engines => {
    const known = engines[payload.draft] ?? EMPTY_ENGINE;
    return { ...engines, [payload.draft]: { ...known, ...change(known, payload) } };
  };

/** A new answer with every part that is as it was kept: what shows an unchanged line is not drawn anew. */
const shared = <T>(before: T | null, now: T): T => copyWithStructuralSharing(before, now) as T;

const slice = createSlice({
  name: 'engine',
  initialState: {} as Engines,
  reducers: {
    asked: plain(on((_known, { revision }: About) => ({ asked: revision, failed: null }))),
    /** The kitchen has changed: what was answered is to be answered again, of the same revision. */
    askedAnew: plain(on((_known, _payload: { draft: string }) => ({ slow: -1, failed: null }))),
    // An older answer never covers a newer one, and a quick one not the slow one of its own revision.
    wasAnswered: plain(
      on((known, { revision, answer: { outcome, ...answer } }: About & { answer: QuickAnswer }) =>
        revision < known.quick
          ? {}
          : {
              quick: revision,
              answer: shared(known.answer, answer),
              outcome: outcome && revision > known.slow ? shared(known.outcome, outcome) : known.outcome,
            },
      ),
    ),
    wasConverted: plain(
      on((known, { revision, conversion: { outcome, slow } }: About & { conversion: Conversion }) =>
        revision < known.slow
          ? {}
          : {
              slow: revision,
              outcome: revision >= known.quick ? shared(known.outcome, outcome) : known.outcome,
              slowAnswers: slow ? shared(known.slowAnswers, slow) : known.slowAnswers,
            },
      ),
    ),
    deeperWent: plain(on((_known, { deeper }: { draft: string; deeper: number | null }) => ({ deeper }))),
    engineFailed: plain(
      on((_known, { failure }: { draft: string; failure: EngineFailure }) => ({
        failed: failure,
        deeper: null,
      })),
    ),
  },
  extraReducers: (builder) =>
    builder.addCase(
      closed,
      plain((engines: Engines, { id }: { id: string }) =>
        Object.fromEntries(Object.entries(engines).filter(([key]) => key !== id)),
      ),
    ),
});

export const { asked, askedAnew, wasAnswered, wasConverted, deeperWent, engineFailed } = slice.actions;
export const engineReducer = slice.reducer;

/** Blend and bake on the docket are those of an earlier question. */
export const isStale = ({ asked: newest, slow, failed }: EngineState): boolean =>
  failed === null && slow < newest;
