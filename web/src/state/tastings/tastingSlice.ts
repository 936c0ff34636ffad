import { createSlice } from '@reduxjs/toolkit';
import type { TastingDocument } from '@omniarton/core/taste';
import type { SaveState } from '../../api/saveState';
import { plain } from '../../base/plain';

/** A tasting as this page has it. */
export interface HeldTasting {
  readonly household: string;
  readonly recipe: string;
  /** The version that is stored; 0: nothing yet. */
  readonly version: number;
  readonly doc: TastingDocument;
  readonly save: SaveState;
}

export type Tastings = Readonly<Record<string, HeldTasting>>;

const slice = createSlice({
  name: 'tastings',
  initialState: {} as Tastings,
  reducers: {
    tastingHeld: plain((tastings: Tastings, { id, held }: { id: string; held: HeldTasting }) => ({
      ...tastings,
      [id]: held,
    })),
    tastingSaving: plain((tastings: Tastings, { id, save }: { id: string; save: SaveState }) => ({
      ...tastings,
      [id]: { ...tastings[id]!, save },
    })),
    tastingGone: plain((tastings: Tastings, { id }: { id: string }) =>
      Object.fromEntries(Object.entries(tastings).filter(([key]) => key !== id)),
    ),
  },
});

export const { tastingHeld, tastingSaving, tastingGone } = slice.actions;
export const tastingReducer = slice.reducer;
