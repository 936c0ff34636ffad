import type { BagAnswer, BagDto, CupboardAnswer, MoveAnswer, MoveDto } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { v7 as newId } from 'uuid';
import { api, ifVersion } from '../../api/api';
import { request, type Failure, type Reply } from '../../api/http';
import type { Thunk } from '../state';
import { bagsFound } from './kitchenSlice';

export const fetchBags = (household: string): Promise<Reply<CupboardAnswer>> =>
  request<CupboardAnswer>(pathTo('cupboard', { household }));

type Written = Promise<Failure | null>;

/** Looks again at what is in the cupboard. */
export const lookAtBags =
  (household: string): Thunk<Written> =>
  async (dispatch) => {
    const reply = await fetchBags(household);
    if (!reply.ok) return reply.failure;
    dispatch(bagsFound({ household, bags: reply.data.bags }));
    dispatch(api.util.invalidateTags(['moves']));
    return null;
  };

/** Writes something of the cupboard, and looks at it again: what others did meanwhile is seen with it. */
const write =
  (household: string, sending: () => Promise<Reply<unknown>>): Thunk<Written> =>
  async (dispatch) => {
    const reply = await sending();
    const seen = await dispatch(lookAtBags(household));
    return reply.ok ? seen : reply.failure;
  };

export interface NewBag {
  readonly id: string;
  readonly bag: BagDto;
  readonly grams: number;
}

/** Puts a bag in. The id is the form's: the same for every try, so that a lost answer makes no second bag. */
export const addBag = (household: string, { id, bag, grams }: NewBag): Thunk<Written> =>
  write(household, () =>
    request<BagAnswer>(pathTo('bag', { household, bag: id }), {
      method: 'PUT',
      body: { bag, grams },
      headers: ifVersion(0),
    }),
  );

/** Puts many in, one after the other, and looks once. Stops at the first that is refused. */
export const addBags =
  (household: string, bags: readonly NewBag[]): Thunk<Written> =>
  async (dispatch) => {
    for (const { id, bag, grams } of bags) {
      const reply = await request<BagAnswer>(pathTo('bag', { household, bag: id }), {
        method: 'PUT',
        body: { bag, grams },
        headers: ifVersion(0),
      });
      if (!reply.ok) {
        await dispatch(lookAtBags(household));
        return reply.failure;
      }
    }
    return dispatch(lookAtBags(household));
  };

export const changeBag = (household: string, { id, version }: BagAnswer, bag: BagDto): Thunk<Written> =>
  write(household, () =>
    request<BagAnswer>(pathTo('bag', { household, bag: id }), {
      method: 'PUT',
      body: bag,
      headers: ifVersion(version),
    }),
  );

/** Moves grams in and out of bags. The id of the movement undoes it. */
export const moveBags = (household: string, move: MoveDto, id: string = newId()): Thunk<Written> =>
  write(household, () =>
    request<MoveAnswer>(pathTo('move', { household, move: id }), { method: 'PUT', body: move }),
  );

export const undoMove = (household: string, id: string): Thunk<Written> =>
  write(household, () => request(pathTo('move', { household, move: id }), { method: 'DELETE' }));

export const throwOut = (household: string, { id, version }: BagAnswer): Thunk<Written> =>
  write(household, () =>
    request(pathTo('bag', { household, bag: id }), { method: 'DELETE', headers: ifVersion(version) }),
  );

export const takeBack = (household: string, id: string): Thunk<Written> =>
  write(household, () => request(pathTo('bagRestore', { household, bag: id }), { method: 'POST' }));
