import type { TastingAnswer } from '@omniarton/contracts';
import type { TastingDocument } from '@omniarton/core/taste';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { request, type Failure } from '../../api/http';
import { outboxOf, type Change } from '../outbox';
import type { Thunk } from '../state';
import { findTastings, keepTasting } from './tastingCopy';
import { tastingGone, tastingHeld, tastingSaving, type HeldTasting } from './tastingSlice';

export type TastingChange = Change<TastingDocument>;

/** Holds a tasting, here and in this browser: ballots outlive a phone that left the room. */
const hold =
  (id: string, held: HeldTasting): Thunk<void> =>
  (dispatch) => {
    dispatch(tastingHeld({ id, held }));
    keepTasting(id, held, outbox.waiting(id).length > 0);
  };

const outbox = outboxOf<TastingDocument>({
  of: ({ tastings }, id) => {
    const held = tastings[id];
    if (!held) return undefined;
    const { household, recipe, version, doc } = held;
    return { path: pathTo('tasting', { household, recipe, tasting: id }), version, doc };
  },
  saving: (id, save) => {
    // What was refused goes out again with the next change, or when the stage is opened anew.
    if (save.status === 'failed') outbox.drop(id);
    return tastingSaving({ id, save });
  },
  saved: (id, version) => (dispatch, getState) =>
    dispatch(hold(id, { ...getState().tastings[id]!, version, save: { status: 'idle' } })),
  found: (id, version, doc) => (dispatch, getState) =>
    dispatch(hold(id, { ...getState().tastings[id]!, version, doc })),
});

/** Changes a tasting: seen at once, kept in this browser, sent as soon as it can be. */
export const changeTasting =
  (id: string, change: TastingChange): Thunk<void> =>
  (dispatch, getState) => {
    const held = getState().tastings[id];
    if (!held) return;
    outbox.add(id, change);
    dispatch(hold(id, { ...held, doc: change(held.doc) }));
    void dispatch(outbox.flush(id));
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
    outbox.drop(id);
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
        if (outbox.waiting(id).length === 0 && !copies.some((one) => one.id === id && one.unsent))
          dispatch(hold(id, { household, recipe, version, doc, save: { status: 'idle' } }));
    // Ballots that an earlier visit could not send go over whatever is stored by now.
    for (const { id, held, unsent } of copies)
      if (unsent && outbox.waiting(id).length === 0)
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
