import type { ErasedAnswer, KitchenAnswer, TouchesAnswer } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { api } from '../../api/api';
import { request, type Failure, type Reply } from '../../api/http';
import type { Thunk } from '../state';
import { isUnsent } from '../draft/draftSlice';
import { followTab } from '../draft/opening';
import { dropKitchen } from './kitchenCopy';
import { kitchenFound } from './kitchenSlice';

/** The recipes and kept dockets that a person is written into. */
export const fetchTouches = (household: string, person: string): Promise<Reply<TouchesAnswer>> =>
  request<TouchesAnswer>(pathTo('personTouches', { household, person }));

/** Looks at a kitchen anew: it was changed on the server. */
export const lookAtKitchen =
  (household: string): Thunk<Promise<Failure | null>> =>
  async (dispatch) => {
    const reply = await request<KitchenAnswer>(pathTo('kitchen', { household }));
    if (!reply.ok) return reply.failure;
    dropKitchen(household);
    dispatch(kitchenFound({ household, ...reply.data }));
    return null;
  };

/** Erases a person everywhere, and looks anew at what is open of their household. */
export const erasePerson =
  (household: string, person: string): Thunk<Promise<Reply<ErasedAnswer>>> =>
  async (dispatch, getState) => {
    const reply = await request<ErasedAnswer>(pathTo('personErase', { household, person }), {
      method: 'POST',
    });
    if (!reply.ok) return reply;
    const { forgetHistories } = await import('../draft/histories');
    await Promise.all([dispatch(lookAtKitchen(household)), forgetHistories(household)]);
    for (const draft of Object.values(getState().drafts))
      if (draft.household === household && !isUnsent(draft))
        await dispatch(followTab({ saved: draft.id, version: draft.base + 1 }));
    dispatch(api.util.invalidateTags(['recipes']));
    return reply;
  };
