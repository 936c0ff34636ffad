import { createSlice } from '@reduxjs/toolkit';
import { EMPTY_DAY, type DayDocument } from '@omniarton/core/clock';
import type { SaveState } from '../../api/saveState';
import { plain } from '../../base/plain';

/** A household's bake day as this page has it. */
export interface HeldDay {
  /** The version that is stored; 0: nothing yet. */
  readonly version: number;
  readonly doc: DayDocument;
  readonly save: SaveState;
}

export type Days = Readonly<Record<string, HeldDay>>;

export const NO_DAY: HeldDay = { version: 0, doc: EMPTY_DAY, save: { status: 'idle' } };

interface At {
  readonly household: string;
}

const on =
  <P extends At>(change: (payload: P) => Partial<HeldDay>) =>
  (days: Days, payload: P): Days => ({
    ...days,
    [payload.household]: { ...(days[payload.household] ?? NO_DAY), ...change(payload) },
  });

const slice = createSlice({
  name: 'days',
  initialState: {} as Days,
  reducers: {
    dayFound: plain(on(({ version, doc }: At & { version: number; doc: DayDocument }) => ({ version, doc }))),
    dayChanged: plain(on(({ doc }: At & { doc: DayDocument }) => ({ doc }))),
    daySaving: plain(on(({ save }: At & { save: SaveState }) => ({ save }))),
    daySaved: plain(
      on(({ version }: At & { version: number }) => ({ version, save: { status: 'idle' } as const })),
    ),
  },
});

export const { dayFound, dayChanged, daySaving, daySaved } = slice.actions;
export const dayReducer = slice.reducer;
