import type { UnknownAction } from '@reduxjs/toolkit';
import { ifVersion } from '../api/api';
import { isAway, request } from '../api/http';
import type { SaveState } from '../api/saveState';
import { untilBack } from '../api/untilBack';
import { failureWords } from '../api/words';
import type { RootState, Thunk } from './state';

type Step = UnknownAction | Thunk<void>;

interface Stored<Doc> {
  readonly version: number;
  readonly doc: Doc;
}

/** A change of a document, as it can be laid over whatever version is stored. */
export type Change<Doc> = (doc: Doc) => Doc;

/** Where a kind of documents is held, and what becomes of each answer. */
export interface Held<Doc> {
  /** What is held under a key, and its address on the server; nothing once it is gone. */
  of(state: RootState, key: string): (Stored<Doc> & { readonly path: string }) | undefined;
  saving(key: string, save: SaveState): Step;
  saved(key: string, version: number): Step;
  /** Somebody else has stored another version: the pending changes are laid over it. */
  found(key: string, version: number, doc: Doc): Step;
  /** What of the held document goes into the stored one before that; usually nothing. */
  joined?(stored: Doc, held: Doc): Doc;
  /** After each answer but a refusal. */
  turned?(key: string): Step;
}

/** Changes that the server doesn't have yet, by key, and the one loop that sends them. */
export interface Outbox<Doc> {
  waiting(key: string): readonly Change<Doc>[];
  add(key: string, change: Change<Doc>): void;
  drop(key: string): void;
  /** Sends what is pending until the server has it or refuses it. After a conflict the changes go over what is stored now. */
  flush(key: string): Thunk<Promise<void>>;
}

export function outboxOf<Doc>(held: Held<Doc>): Outbox<Doc> {
  const pending = new Map<string, readonly Change<Doc>[]>();
  const sending = new Set<string>();
  const waiting = (key: string) => pending.get(key) ?? [];

  const send =
    (key: string): Thunk<Promise<void>> =>
    async (dispatch, getState) => {
      while (waiting(key).length > 0) {
        const sent = held.of(getState(), key);
        if (!sent) return;
        const count = waiting(key).length;
        dispatch(held.saving(key, { status: 'sending' }));
        const reply = await request<Stored<Doc>>(sent.path, {
          method: 'PUT',
          body: sent.doc,
          headers: ifVersion(sent.version),
        });
        const now = held.of(getState(), key);
        if (!now) return;
        if (reply.ok) {
          pending.set(key, waiting(key).slice(count));
          dispatch(held.saved(key, reply.data.version));
        } else if (isAway(reply.failure)) {
          dispatch(held.saving(key, { status: 'offline', words: failureWords(reply.failure) }));
          await untilBack();
        } else if (reply.failure.code === 'conflict') {
          const { stored } = reply.failure.details as { stored: Stored<Doc> };
          const theirs = held.joined?.(stored.doc, now.doc) ?? stored.doc;
          const laid = waiting(key).reduce((doc, change) => change(doc), theirs);
          dispatch(held.found(key, stored.version, laid));
        } else {
          dispatch(held.saving(key, { status: 'failed', words: failureWords(reply.failure) }));
          return;
        }
        if (held.turned) dispatch(held.turned(key));
      }
    };

  return {
    waiting,
    add: (key, change) => void pending.set(key, [...waiting(key), change]),
    drop: (key) => void pending.delete(key),
    flush: (key) => async (dispatch) => {
      if (sending.has(key)) return;
      sending.add(key);
      try {
        await dispatch(send(key));
      } finally {
        sending.delete(key);
      }
    },
  };
}
