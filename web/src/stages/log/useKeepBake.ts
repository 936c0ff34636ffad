import { useState } from 'react';
import { useStore } from 'react-redux';
import { v7 as newId } from 'uuid';
import type { BakeDto, KeptDocketDto } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import type { BakeNotes } from '@omniarton/core/kitchen';
import { api, ifVersion } from '../../api/api';
import { request } from '../../api/http';
import { failureWords } from '../../api/words';
import { ENGINE } from '../../app/engineVersion';
import { useAppDispatch, type RootState } from '../../app/state';
import { edited } from '../../draft/draftSlice';
import { askQuick } from '../../engine/engine';
import { useDraftId } from '../bench/onBench';

/** Ids for one bake and its docket: the same for every try, so that a lost answer makes no second bake. */
const idsFor = new Map<string, { docket: string; bake: string }>();

/** Keeps a bake: first the docket it was baked from, for good, then what was written down of it. */
export function useKeepBake() {
  const id = useDraftId();
  const dispatch = useAppDispatch();
  const store = useStore<RootState>();
  const [failure, setFailure] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  async function send(notes: BakeNotes): Promise<string | null> {
    const draft = store.getState().drafts[id];
    const outcome = store.getState().engine[id]?.outcome;
    if (!draft || outcome?.outcome !== 'docket') return 'There is no docket that this was baked from.';
    if (draft.base === 0) return 'The recipe itself is not saved yet. Try again in a moment.';
    const ids = idsFor.get(id) ?? { docket: newId(), bake: newId() };
    idsFor.set(id, ids);
    const { household } = draft;
    const kept: KeptDocketDto = {
      schema: 1,
      engine: ENGINE,
      from: { ...draft.doc, bakeSheet: null },
      kitchen: await askQuick((engine) => engine.kitchen()),
      docket: outcome.docket,
    };
    const docket = await request(pathTo('docket', { household, recipe: id, docket: ids.docket }), {
      method: 'PUT',
      body: kept,
    });
    if (!docket.ok) return failureWords(docket.failure);
    const bake = await request(pathTo('bake', { household, recipe: id, bake: ids.bake }), {
      method: 'PUT',
      body: { schema: 1, docket: ids.docket, notes } satisfies BakeDto,
      headers: ifVersion(0),
    });
    if (!bake.ok) return failureWords(bake.failure);
    idsFor.delete(id);
    return null;
  }

  async function keep(notes: BakeNotes): Promise<void> {
    setBusy(true);
    const trouble = await send(notes);
    setBusy(false);
    setFailure(trouble);
    if (trouble !== null) return;
    dispatch(edited(id, { kind: 'bakeSheet', sheet: null }));
    dispatch(api.util.invalidateTags(['bakes']));
  }
  return { keep, failure, busy };
}
