import type { BakeAnswer, BakeDto } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import type { BakeNotes } from '@omniarton/core/kitchen';
import { api, type RecipeAt } from '../../api/api';
import { outboxOf } from '../outbox';
import type { Thunk } from '../state';
import { findPart, keepPart } from './bakeCopy';
import { bakeHeld, type HeldBake } from './bakeSlice';

const hold =
  (id: string, part: Partial<HeldBake>): Thunk<void> =>
  (dispatch, getState) => {
    const held = getState().bakes[id];
    if (held) dispatch(bakeHeld({ id, held: { ...held, ...part } }));
  };

const outbox = outboxOf<BakeDto>({
  of: ({ bakes }, id) => {
    const held = bakes[id];
    if (!held) return undefined;
    const { household, recipe, version, doc } = held;
    return { path: pathTo('bake', { household, recipe, bake: id }), version, doc };
  },
  saving: (id, save) => {
    // What was refused goes out again with the next thing that is written down.
    if (save.status === 'failed') outbox.drop(id);
    return hold(id, { save });
  },
  saved: (id, version) => (dispatch) => {
    const unsent = outbox.waiting(id).length > 0;
    if (!unsent) keepPart(id, null);
    dispatch(hold(id, { version, unsent, save: { status: 'idle' } }));
    dispatch(api.util.invalidateTags(['bakes']));
  },
  found: (id, version, doc) => hold(id, { version, doc }),
});

/** Writes more of a kept bake down: seen at once, kept in this browser, sent as soon as it can be. */
export const writeOfBake =
  (at: RecipeAt, bake: BakeAnswer, part: Partial<BakeNotes>): Thunk<void> =>
  (dispatch) => {
    const change = (doc: BakeDto): BakeDto => ({
      ...doc,
      notes: { ...doc.notes, ...part } as BakeDto['notes'],
    });
    const { id, version, doc } = bake;
    outbox.add(id, change);
    keepPart(id, { ...findPart(id), ...part });
    dispatch(
      bakeHeld({ id, held: { ...at, version, doc: change(doc), unsent: true, save: { status: 'sending' } } }),
    );
    void dispatch(outbox.flush(id));
  };

/** What an earlier visit could not send of bakes is written down now. */
export const takeUpBakes =
  (at: RecipeAt, bakes: readonly BakeAnswer[]): Thunk<void> =>
  (dispatch) => {
    for (const bake of bakes) {
      const part = outbox.waiting(bake.id).length === 0 ? findPart(bake.id) : null;
      if (part) dispatch(writeOfBake(at, bake, part));
    }
  };

/** A bake as it stands: what was written down here over what the server has. */
export const asHeld = (bake: BakeAnswer, held: HeldBake | undefined): BakeAnswer =>
  held && (held.unsent || held.version > bake.version)
    ? { ...bake, version: held.version, doc: held.doc }
    : bake;
