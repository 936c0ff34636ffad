import type { TastingAnswer } from '@omniarton/contracts';
import type { TastingDocument } from '@omniarton/core/taste';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { ifVersion } from '../../api/api';
import { isAway, request, type Failure } from '../../api/http';
import { untilBack } from '../../api/untilBack';
import { failureWords } from '../../api/words';
import type { Thunk } from '../state';
import { findTastings, keepTasting } from './tastingCopy';
import { tastingGone, tastingHeld, tastingSaving, type HeldTasting } from './tastingSlice';

/** A change of a tasting, as it can be laid over whatever version is stored. */
export type TastingChange = (doc: TastingDocument) => TastingDocument;

const pending = new Map<string, TastingChange[]>();
const sending = new Set<string>();

const waiting = (id: string): readonly TastingChange[] => pending.get(id) ?? [];

/** Holds a tasting, here and in this browser: ballots outlive a phone that left the room. */
const hold =
  (id: string, held: HeldTasting): Thunk<void> =>
  (dispatch) => {
    dispatch(tastingHeld({ id, held }));
    keepTasting(id, held, waiting(id).length > 0);
  };

/** Sends what is pending until the server has it or refuses it. After a conflict the changes go over what is stored now. */
const flush =
  (id: string): Thunk<Promise<void>> =>
  async (dispatch, getState) => {
    if (sending.has(id)) return;
    sending.add(id);
    try {
      while (waiting(id).length > 0) {
        const held = getState().tastings[id];
        if (!held) return;
        const count = waiting(id).length;
        dispatch(tastingSaving({ id, save: { status: 'sending' } }));
        const reply = await request<TastingAnswer>(
          pathTo('tasting', { household: held.household, recipe: held.recipe, tasting: id }),
          { method: 'PUT', body: held.doc, headers: ifVersion(held.version) },
        );
        const now = getState().tastings[id];
        if (!now) return;
        if (reply.ok) {
          pending.set(id, waiting(id).slice(count));
          dispatch(hold(id, { ...now, version: reply.data.version, save: { status: 'idle' } }));
        } else if (isAway(reply.failure)) {
          dispatch(tastingSaving({ id, save: { status: 'offline', words: failureWords(reply.failure) } }));
          await untilBack();
        } else if (reply.failure.code === 'conflict') {
          const { stored } = reply.failure.details as { stored: TastingAnswer };
          const doc = waiting(id).reduce((one, change) => change(one), stored.doc as TastingDocument);
          dispatch(hold(id, { ...now, version: stored.version, doc }));
        } else {
          pending.delete(id);
          dispatch(tastingSaving({ id, save: { status: 'failed', words: failureWords(reply.failure) } }));
          return;
        }
      }
    } finally {
      sending.delete(id);
    }
  };

/** Changes a tasting: seen at once, kept in this browser, sent as soon as it can be. */
export const changeTasting =
  (id: string, change: TastingChange): Thunk<void> =>
  (dispatch, getState) => {
    const held = getState().tastings[id];
    if (!held) return;
    pending.set(id, [...waiting(id), change]);
    dispatch(hold(id, { ...held, doc: change(held.doc) }));
    void dispatch(flush(id));
  };

/** A tasting of a recipe's that is new. */
export const beginTasting =
  (
    at: { readonly household: string; readonly recipe: string },
    id: string,
    doc: TastingDocument,
  ): Thunk<void> =>
  (dispatch) => {
    dispatch(hold(id, { ...at, version: 0, doc, save: { status: 'idle' } }));
    dispatch(changeTasting(id, (one) => one));
  };

export const removeTasting =
  (id: string): Thunk<Promise<Failure | null>> =>
  async (dispatch, getState) => {
    const held = getState().tastings[id];
    if (!held) return null;
    const path = pathTo('tasting', { household: held.household, recipe: held.recipe, tasting: id });
    const reply = held.version === 0 ? null : await request(path, { method: 'DELETE' });
    if (reply && !reply.ok && reply.failure.code !== 'not-found') return reply.failure;
    pending.delete(id);
    dispatch(tastingGone({ id }));
    keepTasting(id, null, false);
    return null;
  };

/** Sees to it that a recipe's tastings are here: from the server, or with that gone from this browser; what is unsent goes out. */
export const loadTastings =
  (household: string, recipe: string): Thunk<Promise<Failure | null>> =>
  async (dispatch, getState) => {
    const copies = findTastings(household, recipe);
    for (const { id, held } of copies)
      if (!getState().tastings[id])
        dispatch(tastingHeld({ id, held: { ...held, save: { status: 'idle' } } }));
    const reply = await request<readonly TastingAnswer[]>(pathTo('tastings', { household, recipe }));
    if (reply.ok)
      for (const { id, version, doc } of reply.data)
        if (waiting(id).length === 0 && !copies.some((one) => one.id === id && one.unsent))
          dispatch(hold(id, { household, recipe, version, doc, save: { status: 'idle' } }));
    // Ballots that an earlier visit could not send go over whatever is stored by now.
    for (const { id, held, unsent } of copies)
      if (unsent && waiting(id).length === 0)
        dispatch(
          changeTasting(id, (now) => ({
            ...(now.ballots.length > held.doc.ballots.length ? now : held.doc),
            ballots: [
              ...now.ballots,
              ...held.doc.ballots.filter((one) => !now.ballots.some(({ id: known }) => known === one.id)),
            ],
          })),
        );
    return reply.ok ? null : reply.failure;
  };
