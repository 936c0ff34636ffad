import { createListenerMiddleware } from '@reduxjs/toolkit';
import { v7 as newId } from 'uuid';
import type { RecipeAnswer } from '@omniarton/contracts';
import { pathTo, REQUEST_ID_HEADER } from '@omniarton/contracts/paths-and-errors';
import { api, ifVersion } from '../../api/api';
import { isAway, request, type Failure } from '../../api/http';
import { failureWords } from '../../api/words';
import type { AppDispatch, RootState, Thunk } from '../state';
import { wasAnswered } from '../engine/engineSlice';
import { houseRecipeChanged } from '../kitchen/kitchens';
import {
  isChange,
  isUnsent,
  isWrittenOn,
  readSince,
  saved,
  saving,
  wasReadAs,
  type Draft,
} from './draftSlice';
import { keepCopy } from './mirror';
import { tellTabs } from './tabs';
import { quiet } from '../../base/timing';

const QUIET_MS = 800;
const FIRST_RETRY_MS = 1500;
const LONGEST_RETRY_MS = 15_000;

export const saveListening = createListenerMiddleware();
const inFlight = new Set<string>();
const afterQuiet = quiet(QUIET_MS);

/** A draft on its way. It keeps one id for all its tries, so that a lost answer doesn't become a conflict with oneself. */
interface Parcel {
  readonly draft: Draft;
  readonly requestId: string;
  tries: number;
}

const send = ({ draft, requestId }: Parcel) =>
  request<RecipeAnswer>(pathTo('recipe', { household: draft.household, recipe: draft.id }), {
    method: 'PUT',
    body: draft.doc,
    headers: { ...ifVersion(draft.base), [REQUEST_ID_HEADER]: requestId },
  });

const isReadAlike = (a: Draft['doc']['asRead'], b: Draft['doc']['asRead']): boolean =>
  a.title === b.title && a.family === b.family && a.batchGrams === b.batchGrams && a.open === b.open;

const storedOf = ({ details }: Failure) => (details as { stored: RecipeAnswer }).stored;

async function waitToRetry(tries: number): Promise<void> {
  const wait = Math.min(LONGEST_RETRY_MS, FIRST_RETRY_MS * 2 ** (tries - 1));
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
    for (let parcel: Parcel | undefined; ;) {
      const draft = getState().drafts[id];
      if (!draft || !isUnsent(draft)) return;
      parcel ??= { draft, requestId: newId(), tries: 0 };
      if (parcel.tries === 0) dispatch(saving({ id, save: { status: 'sending' } }));
      await keepCopy(draft);
      const reply = await send(parcel);
      if (reply.ok) {
        const { version } = reply.data;
        dispatch(saved({ id, version, revision: parcel.draft.revision }));
        // Read while it was on its way.
        const now = getState().drafts[id];
        if (now && !isReadAlike(now.doc.asRead, parcel.draft.doc.asRead)) dispatch(readSince({ id }));
        dispatch(houseRecipeChanged(draft.household, id, parcel.draft.doc));
        dispatch(api.util.invalidateTags(['recipes']));
        tellTabs({ saved: id, version });
        parcel = undefined;
      } else if (isAway(reply.failure)) {
        dispatch(saving({ id, save: { status: 'offline', words: failureWords(reply.failure) } }));
        await waitToRetry((parcel.tries += 1));
      } else if (reply.failure.code === 'conflict') {
        return void dispatch(saving({ id, save: { status: 'conflict', stored: storedOf(reply.failure) } }));
      } else {
        return void dispatch(saving({ id, save: { status: 'failed', words: failureWords(reply.failure) } }));
      }
    }
  } finally {
    inFlight.delete(id);
  }
}

const saveSoon = (id: string, getState: () => RootState, dispatch: AppDispatch): void =>
  afterQuiet(id, () => {
    if (getState().drafts[id]?.save.status === 'conflict') return;
    void saveNow(id, getState, dispatch);
  });

saveListening.startListening({
  matcher: isChange,
  effect: ({ payload: { id } }, { getState, dispatch }) =>
    saveSoon(id, getState as () => RootState, dispatch as AppDispatch),
});

/** Sends what was refused once more, as it is now. */
export const tryAgain =
  (id: string): Thunk<void> =>
  (dispatch, getState) =>
    void saveNow(id, getState, dispatch);

saveListening.startListening({
  actionCreator: wasAnswered,
  effect: ({ payload }, { getState, dispatch }) => {
    const id = payload.draft;
    const { lines, asRead } = payload.answer;
    const before = (getState() as RootState).drafts[id];
    dispatch(wasReadAs({ id, lines, asRead }));
    // On a slow device it is stored before it is read.
    const stored = before && isWrittenOn(before) && !isUnsent(before) && !inFlight.has(id);
    if (!stored || isReadAlike(before.doc.asRead, asRead)) return;
    dispatch(readSince({ id }));
    void saveNow(id, getState as () => RootState, dispatch as AppDispatch);
  },
});
