import { createSlice } from '@reduxjs/toolkit';
import type { BakeDto } from '@omniarton/contracts';
import type { SaveState } from '../../api/saveState';
import { plain } from '../../base/plain';

/** A kept bake of which more is being written down, as this page has it. */
export interface HeldBake {
  readonly household: string;
  readonly recipe: string;
  /** The version that it stands on. */
  readonly version: number;
  readonly doc: BakeDto;
  /** It holds something that the server doesn't have yet. */
  readonly unsent: boolean;
  readonly save: SaveState;
}

export type HeldBakes = Readonly<Record<string, HeldBake>>;

const slice = createSlice({
  name: 'bakes',
  initialState: {} as HeldBakes,
  reducers: {
    bakeHeld: plain((bakes: HeldBakes, { id, held }: { id: string; held: HeldBake }) => ({
      ...bakes,
      [id]: held,
    })),
  },
});

export const { bakeHeld } = slice.actions;
export const bakeReducer = slice.reducer;
