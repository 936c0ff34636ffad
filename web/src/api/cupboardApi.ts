import type { FlourUse, MoveAnswer } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { api } from './api';

/** What has been done with the bags and flours of a household. */
export const { useMovesQuery, useFlourUsesQuery } = api.injectEndpoints({
  endpoints: (build) => ({
    moves: build.query<readonly MoveAnswer[], string>({
      query: (household) => ({ path: pathTo('moves', { household }) }),
      providesTags: ['moves'],
    }),
    flourUses: build.query<readonly FlourUse[], { household: string; flour: string }>({
      query: ({ household, flour }) => ({ path: pathTo('flourUses', { household, flour }) }),
      providesTags: ['bakes'],
    }),
  }),
});
