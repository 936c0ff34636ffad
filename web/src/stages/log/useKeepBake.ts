import { useState } from 'react';
import { useStore } from 'react-redux';
import { v7 as newId } from 'uuid';
import type { BakeDto, KeptDocketDto } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import type { Taking } from '@omniarton/core/cupboard';
import type { Docket } from '@omniarton/core/docket';
import type { BakeNotes, Kitchen } from '@omniarton/core/kitchen';
import { timedBy } from '@omniarton/core/log';
import { api, ifVersion } from '../../api/api';
import { request } from '../../api/http';
import { failureWords } from '../../api/words';
import { ENGINE } from '../../base/engineVersion';
import { useAppDispatch, type RootState, type Thunk } from '../../state/state';
import { edited } from '../../state/draft/draftSlice';
import { moveBags } from '../../state/kitchen/bags';
import { askOnce } from '../../state/engine/useKitchenAnswer';
import { useDraftId } from '../../state/bench/onBench';
import { isCurrent, NO_DOCKET, OTHERWISE, whenSettled } from './settledDocket';

const BROKEN = 'The engine could not say what it was made with. Nothing was kept: try again in a moment.';

interface Ids {
  readonly docket: string;
  readonly bake: string;
  readonly move: string;
}

/** Ids for one bake and its docket: the same for every try, so that a lost answer makes no second bake. */
const idsFor = new Map<string, Ids>();

/** The bake's grams come off the bags; the movement has an id of the bake's own, so that a second try takes no more. */
const takeOff =
  (household: string, { bake, move }: Ids, { parts }: Docket): Thunk<Promise<string | null>> =>
  async (dispatch, getState) => {
    const needs = parts
      .flatMap(({ lines }) => lines)
      .flatMap(({ ingredient, grams }) =>
        ingredient !== null && grams ? [{ ingredient, grams: grams.central }] : [],
      );
    const { entries } = await askOnce<Taking>(
      { getState, dispatch },
      household,
      async (engine, key) => await engine.take(key, needs),
    );
    if (entries.length === 0) return null;
    const failure = await dispatch(moveBags(household, { why: 'bake', bake, entries }, move));
    return failure === null ? null : failureWords(failure);
  };

/** Keeps a bake: first the docket it was baked from, for good, then what was written down of it. */
export function useKeepBake() {
  const id = useDraftId();
  const dispatch = useAppDispatch();
  const store = useStore<RootState>();
  const [failure, setFailure] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  /** What went wrong, in words; null: it is kept, and its time counts from now on where it was taken. */
  async function send(notes: BakeNotes): Promise<string | null> {
    const settled = await whenSettled(store, id);
    const draft = store.getState().drafts[id];
    if (typeof settled === 'string') return settled;
    if (!draft) return NO_DOCKET;
    if (draft.base === 0) return 'The recipe itself is not saved yet. Try again in a moment.';
    const ids = idsFor.get(id) ?? { docket: newId(), bake: newId(), move: newId() };
    idsFor.set(id, ids);
    const { household } = draft;
    const kept: KeptDocketDto = {
      schema: 1,
      engine: ENGINE,
      from: { ...draft.doc, bakeSheet: null, study: null, trial: null },
      kitchen: await askOnce<Kitchen>(store, household, async (engine, key) => await engine.kitchen(key)),
      docket: settled.docket,
    };
    // What was kept is what was looked at: an edit that came in meanwhile is another docket.
    if (!isCurrent(store.getState(), id, settled)) return OTHERWISE;
    const docket = await request(pathTo('docket', { household, recipe: id, docket: ids.docket }), {
      method: 'PUT',
      body: kept,
    });
    if (!docket.ok) return failureWords(docket.failure);
    const bake = await request(pathTo('bake', { household, recipe: id, bake: ids.bake }), {
      method: 'PUT',
      body: { schema: 3, imported: false, docket: ids.docket, notes } satisfies BakeDto,
      headers: ifVersion(0),
    });
    if (!bake.ok) return failureWords(bake.failure);
    const taken = notes.asWritten ? null : await dispatch(takeOff(household, ids, settled.docket));
    if (taken !== null) return taken;
    idsFor.delete(id);
    const timed = timedBy(ids.bake, notes, settled.docket.bake);
    if (timed) dispatch(edited(id, { kind: 'request', request: { timed } }));
    return null;
  }

  async function keep(notes: BakeNotes): Promise<void> {
    setBusy(true);
    let trouble: string | null = BROKEN;
    try {
      trouble = await send(notes);
    } finally {
      setBusy(false);
      setFailure(trouble);
    }
    if (trouble !== null) return;
    dispatch(edited(id, { kind: 'bakeSheet', sheet: null }));
    dispatch(api.util.invalidateTags(['bakes', 'recipes']));
  }
  return { keep, failure, busy };
}
