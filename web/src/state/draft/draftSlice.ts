import { createSlice, isAnyOf, type PayloadAction } from '@reduxjs/toolkit';
import type { RecipeAnswer } from '@omniarton/contracts';
import type { AsRead, RecipeDocument, SourceLine } from '@omniarton/core/kitchen';
import { plain } from '../../base/plain';
import { applied, joined, makeStep, type Edit, type Step } from './edits';

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
  readonly past: readonly Step[];
  readonly future: readonly Step[];
  /** What the last undo or redo was about: it may not be in view. Null: the last change was an edit. */
  readonly stepped: { readonly field: string; readonly way: 'undone' | 'redone' } | null;
  /** Counts every change, undo and redo too: a forward edit each. */
  readonly revision: number;
  readonly savedRevision: number;
  readonly save: SaveState;
}

export type Drafts = Readonly<Record<string, Draft>>;

const MOST_STEPS = 200;

interface Id {
  readonly id: string;
}

const on =
  <P extends Id>(change: (draft: Draft, payload: P) => Draft) =>
  (drafts: Drafts, payload: P): Drafts => {
    const draft = drafts[payload.id];
    return draft ? { ...drafts, [payload.id]: change(draft, payload) } : drafts;
  };

/** A change still to be sent. A conflict stays one until a person has settled it; so does a server that is away. */
const changed = (draft: Draft, now: Partial<Draft>): Draft => ({
  ...draft,
  ...now,
  revision: draft.revision + 1,
  save: draft.save.status === 'idle' || draft.save.status === 'failed' ? { status: 'waiting' } : draft.save,
});

function edit(draft: Draft, { edit: wanted, at }: Id & { edit: Edit; at: number }): Draft {
  const { doc, step } = makeStep(draft.doc, wanted, at);
  if (!step) return draft;
  const last = draft.past.at(-1);
  const one = joined(last, step);
  const past = one ? [...draft.past.slice(0, -1), one] : [...draft.past, step].slice(-MOST_STEPS);
  return changed(draft, { doc, past, future: [], stepped: null });
}

function undo(draft: Draft): Draft {
  const step = draft.past.at(-1);
  if (!step) return draft;
  const doc = applied(draft.doc, step.back);
  return changed(draft, {
    doc,
    past: draft.past.slice(0, -1),
    future: [...draft.future, step],
    stepped: { field: step.field, way: 'undone' },
  });
}

function redo(draft: Draft): Draft {
  const step = draft.future.at(-1);
  if (!step) return draft;
  const doc = applied(draft.doc, step.forward);
  // A redone step is never the beginning of a run.
  return changed(draft, {
    doc,
    past: [...draft.past, { ...step, at: Number.NEGATIVE_INFINITY }],
    future: draft.future.slice(0, -1),
    stepped: { field: step.field, way: 'redone' },
  });
}

/** After a conflict: theirs is taken, or mine goes over it. */
function resolve(
  draft: Draft,
  { keep, stored }: Id & { keep: 'mine' | 'theirs'; stored: RecipeAnswer },
): Draft {
  const revision = draft.revision + 1;
  return keep === 'mine'
    ? { ...draft, base: stored.version, revision, save: { status: 'waiting' } }
    : {
        ...draft,
        base: stored.version,
        doc: stored.doc,
        past: [],
        future: [],
        stepped: null,
        revision,
        savedRevision: revision,
        save: { status: 'idle' },
      };
}

interface Opening extends Id {
  readonly household: string;
  readonly base: number;
  readonly doc: RecipeDocument;
  /** It was never sent: a copy that was taken up again. */
  readonly unsent?: boolean;
  /** How it came to be, as this browser kept it. */
  readonly past?: readonly Step[];
  readonly future?: readonly Step[];
}

const slice = createSlice({
  name: 'drafts',
  initialState: {} as Drafts,
  reducers: {
    opened: plain((drafts: Drafts, { unsent = false, past = [], future = [], ...opening }: Opening) => ({
      ...drafts,
      [opening.id]: {
        ...opening,
        past,
        future,
        stepped: null,
        revision: 1,
        savedRevision: unsent ? 0 : 1,
        save: { status: unsent ? ('waiting' as const) : ('idle' as const) },
      },
    })),
    edited: {
      reducer: plain(on(edit)),
      prepare: (id: string, wanted: Edit) => ({ payload: { id, edit: wanted, at: Date.now() } }),
    },
    undone: plain(on<Id>(undo)),
    redone: plain(on<Id>(redo)),
    /** The reader's ids and facts travel with the document; taking them over is no edit. */
    wasReadAs: plain(
      on((draft, { lines, asRead }: Id & { lines: readonly SourceLine[]; asRead: AsRead }) => ({
        ...draft,
        doc: { ...draft.doc, lines, asRead },
      })),
    ),
    /** What somebody wrote is stored, and what it was read as since isn't: lists have that, so it is sent once more. */
    readSince: plain(
      on<Id>((draft) => ({
        ...draft,
        savedRevision: Math.min(draft.savedRevision, draft.revision - 1),
        save: { status: 'waiting' as const },
      })),
    ),
    saving: plain(on((draft, { save }: Id & { save: SaveState }) => ({ ...draft, save }))),
    saved: plain(
      on((draft, { version, revision }: Id & { version: number; revision: number }) => ({
        ...draft,
        base: version,
        savedRevision: revision,
        save: { status: draft.revision > revision ? ('waiting' as const) : ('idle' as const) },
      })),
    ),
    resolved: plain(on(resolve)),
    /** What isn't saved yet stays, and is sent when the server is back. */
    closed: plain((drafts: Drafts, { id }: Id) => {
      const draft = drafts[id];
      if (!draft || draft.revision !== draft.savedRevision) return drafts;
      return Object.fromEntries(Object.entries(drafts).filter(([key]) => key !== id));
    }),
  },
});

export const { opened, edited, undone, redone, wasReadAs, readSince, saving, saved, resolved, closed } =
  slice.actions;
export const draftReducer = slice.reducer;

/** Any action that leaves a draft otherwise than it was, or opens one. */
export const isChange = (action: unknown): action is PayloadAction<Id> =>
  isAnyOf(opened, edited, undone, redone, resolved)(action);

/** Somebody has written on it since it was opened. */
export const isWrittenOn = ({ revision }: Draft): boolean => revision > 1;

export const isUnsent = (draft: Draft): boolean => draft.revision > draft.savedRevision;
