import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { RecipeAnswer } from '@omniarton/contracts';
import type { ConversionRequest, LineCorrection, RecipeDocument, SourceLine } from '@omniarton/core/kitchen';

/** How a draft stands against the server. */
export type SaveState =
  | { readonly status: 'idle' }
  | { readonly status: 'waiting' }
  | { readonly status: 'sending' }
  | { readonly status: 'offline'; readonly words: string }
  | { readonly status: 'conflict'; readonly stored: RecipeAnswer }
  | { readonly status: 'failed'; readonly words: string };

export interface Draft {
  readonly id: string;
  readonly household: string;
  /** The version that the draft builds on; 0: nothing stored yet. */
  readonly base: number;
  readonly doc: RecipeDocument;
  readonly revision: number;
  readonly savedRevision: number;
  readonly save: SaveState;
}

export type Edit =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'request'; readonly request: Partial<ConversionRequest> }
  | { readonly kind: 'correction'; readonly correction: LineCorrection }
  | { readonly kind: 'uncorrect'; readonly line: string };

function apply(doc: RecipeDocument, edit: Edit): RecipeDocument {
  switch (edit.kind) {
    case 'text':
      return { ...doc, text: edit.text };
    case 'request':
      return { ...doc, request: { ...doc.request, ...edit.request } };
    case 'correction':
      return {
        ...doc,
        corrections: [
          ...doc.corrections.filter(({ line }) => line !== edit.correction.line),
          edit.correction,
        ],
      };
    case 'uncorrect':
      return { ...doc, corrections: doc.corrections.filter(({ line }) => line !== edit.line) };
  }
}

type Id = { readonly id: string };

const slice = createSlice({
  name: 'drafts',
  initialState: {} as Record<string, Draft>,
  reducers: {
    opened: (
      state,
      { payload }: PayloadAction<Id & { household: string; base: number; doc: RecipeDocument }>,
    ) => {
      state[payload.id] = {
        ...payload,
        revision: 0,
        savedRevision: 0,
        save: { status: 'idle' },
      } as (typeof state)[string];
    },
    edited: (state, { payload }: PayloadAction<Id & { edit: Edit }>) => {
      const draft = state[payload.id];
      if (!draft) return;
      draft.doc = apply(draft.doc, payload.edit) as typeof draft.doc;
      draft.revision += 1;
      if (draft.save.status === 'idle' || draft.save.status === 'failed') draft.save = { status: 'waiting' };
    },
    /** The reader's ids and title travel with the document; taking them over is no edit. */
    linesKnown: (state, { payload }: PayloadAction<Id & { lines: readonly SourceLine[]; title: string }>) => {
      const draft = state[payload.id];
      if (draft) draft.doc = { ...draft.doc, lines: [...payload.lines], title: payload.title };
    },
    saving: (state, { payload }: PayloadAction<Id & { save: SaveState }>) => {
      const draft = state[payload.id];
      if (draft) draft.save = payload.save as typeof draft.save;
    },
    saved: (state, { payload }: PayloadAction<Id & { version: number; revision: number }>) => {
      const draft = state[payload.id];
      if (!draft) return;
      draft.base = payload.version;
      draft.savedRevision = payload.revision;
      draft.save = { status: draft.revision > payload.revision ? 'waiting' : 'idle' };
    },
    /** After a conflict: theirs is taken, or mine goes over it. */
    resolved: (state, { payload }: PayloadAction<Id & { keep: 'mine' | 'theirs'; stored: RecipeAnswer }>) => {
      const draft = state[payload.id];
      if (!draft) return;
      draft.base = payload.stored.version;
      draft.revision += 1;
      if (payload.keep === 'theirs') {
        draft.doc = payload.stored.doc as typeof draft.doc;
        draft.savedRevision = draft.revision;
      }
      draft.save = { status: payload.keep === 'mine' ? 'waiting' : 'idle' };
    },
    closed: (state, { payload }: PayloadAction<Id>) => {
      const draft = state[payload.id];
      // What isn't saved yet stays, and is sent when the server is back.
      if (draft && draft.revision === draft.savedRevision) delete state[payload.id];
    },
  },
});

export const { opened, edited, linesKnown, saving, saved, resolved, closed } = slice.actions;
export const draftReducer = slice.reducer;
