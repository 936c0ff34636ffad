import type { BinAnswer, Binned, ErasedAnswer, TakenInAnswer } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { api } from './api';

/** Where something of the bin is brought back to. */
const restorePath = (household: string, { kind, id, recipe }: Binned): string => {
  switch (kind) {
    case 'recipe':
      return pathTo('recipeRestore', { household, recipe: id });
    case 'bag':
      return pathTo('bagRestore', { household, bag: id });
    case 'bake':
      return pathTo('bakeRestore', { household, recipe: recipe ?? '', bake: id });
  }
};

interface OfBin {
  readonly household: string;
  readonly item: Binned;
}

const keptApi = api.enhanceEndpoints({ addTagTypes: ['bin'] }).injectEndpoints({
  endpoints: (build) => ({
    bin: build.query<BinAnswer, string>({
      query: (household) => ({ path: pathTo('bin', { household }) }),
      keepUnusedDataFor: 0,
      providesTags: ['bin'],
    }),
    bringBack: build.mutation<unknown, OfBin>({
      query: ({ household, item }) => ({ path: restorePath(household, item), method: 'POST' }),
      invalidatesTags: ['bin', 'recipes', 'bakes'],
    }),
    eraseBinned: build.mutation<null, OfBin>({
      query: ({ household, item: { kind, id } }) => ({
        path: pathTo('binErase', { household, kind, id }),
        method: 'POST',
      }),
      invalidatesTags: ['bin'],
    }),
    eraseHousehold: build.mutation<ErasedAnswer, string>({
      query: (household) => ({ path: pathTo('householdErase', { household }), method: 'POST' }),
      invalidatesTags: ['households', 'recipes', 'bin', 'settings'],
    }),
    takeEverythingIn: build.mutation<TakenInAnswer, { household: string; file: unknown; own: boolean }>({
      query: ({ household, file, own }) => ({
        path: `${pathTo('everything', { household })}${own ? '?own=yes' : ''}`,
        method: 'POST',
        body: file,
      }),
      invalidatesTags: ['recipes', 'bakes', 'bin', 'settings'],
    }),
  }),
});

export const {
  useBinQuery,
  useBringBackMutation,
  useEraseBinnedMutation,
  useEraseHouseholdMutation,
  useTakeEverythingInMutation,
} = keptApi;
