import { createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import { v7 as newId } from 'uuid';
import type { RecipeAnswer } from '@omniarton/contracts';
import { pathTo, REQUEST_ID_HEADER } from '@omniarton/contracts/paths-and-errors';
import { api } from '../api/api';
import { isAway, request, type Failure } from '../api/http';
import { failureWords } from '../api/words';
import type { AppDispatch, RootState } from '../app/store';
import { wasRead } from '../engine/engineSlice';
import { edited, linesKnown, resolved, saved, saving, type Draft } from './draftSlice';

const QUIET_MS = 800;
const FIRST_RETRY_MS = 1500;
const LONGEST_RETRY_MS = 15_000;

export const saveListening = createListenerMiddleware();
const inFlight = new Set<string>();

/** A save has one id for all its tries, so that a lost answer doesn't become a conflict with oneself. */
function send(draft: Draft, requestId: string) {
  return request<RecipeAnswer>(pathTo('recipe', { household: draft.household, recipe: draft.id }), {
    method: 'PUT',
    body: draft.doc,
    headers: {
      ...(draft.base === 0 ? { 'if-none-match': '*' } : { 'if-match': `"${draft.base}"` }),
      [REQUEST_ID_HEADER]: requestId,
    },
  });
}

const storedOf = ({ details }: Failure) => (details as { stored: RecipeAnswer }).stored;

async function waitToRetry(attempt: number): Promise<void> {
  const wait = Math.min(LONGEST_RETRY_MS, FIRST_RETRY_MS * 2 ** attempt);
  await new Promise<void>((done) => {
    const timer = setTimeout(done, wait);
    addEventListener('online', () => (clearTimeout(timer), done()), { once: true });
  });
}

/** Sends a draft until the server has it or has refused it: one request in flight, a newer edit goes after it. */
async function saveNow(id: string, getState: () => RootState, dispatch: AppDispatch): Promise<void> {
  if (inFlight.has(id)) return;
  inFlight.add(id);
  try {
    let draft = getState().drafts[id];
    for (let attempt = 0, requestId = newId(), sent = draft; draft && draft.revision > draft.savedRevision;) {
      if (attempt === 0 || sent === undefined) [requestId, sent] = [newId(), draft];
      if (attempt === 0) dispatch(saving({ id, save: { status: 'sending' } }));
      const reply = await send(sent, requestId);
      if (reply.ok) {
        attempt = 0;
        dispatch(saved({ id, version: reply.data.version, revision: sent.revision }));
        dispatch(api.util.invalidateTags(['recipes']));
      } else if (reply.failure.code === 'conflict') {
        dispatch(saving({ id, save: { status: 'conflict', stored: storedOf(reply.failure) } }));
        return;
      } else if (isAway(reply.failure)) {
        dispatch(saving({ id, save: { status: 'offline', words: failureWords(reply.failure) } }));
        await waitToRetry((attempt += 1));
      } else {
        dispatch(saving({ id, save: { status: 'failed', words: failureWords(reply.failure) } }));
        return;
      }
      draft = getState().drafts[id];
    }
  } finally {
    inFlight.delete(id);
  }
}

saveListening.startListening({
  matcher: isAnyOf(edited, resolved),
  effect: async (action, { getState, dispatch, delay, cancelActiveListeners }) => {
    cancelActiveListeners();
    const { id } = (action as { payload: { id: string } }).payload;
    if ((getState() as RootState).drafts[id]?.save.status === 'conflict') return;
    await delay(QUIET_MS);
    await saveNow(id, getState as () => RootState, dispatch as AppDispatch);
  },
});

saveListening.startListening({
  actionCreator: wasRead,
  effect: ({ payload }, { dispatch }) => {
    const { recipe, lines } = payload.read;
    dispatch(linesKnown({ id: payload.draft, lines, title: recipe.title.slice(0, 300) }));
  },
});
