import type { BakeAnswer, DocketAnswer, PageOf } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import { api, ifVersion, type RecipeAt } from './api';

const bakesApi = api.injectEndpoints({
  endpoints: (build) => ({
    bakes: build.query<PageOf<BakeAnswer>, RecipeAt & { cursor?: string }>({
      query: ({ household, recipe, cursor }) => ({
        path:
          pathTo('bakes', { household, recipe }) + (cursor ? `?cursor=${encodeURIComponent(cursor)}` : ''),
      }),
      providesTags: ['bakes'],
    }),
    removeBake: build.mutation<null, RecipeAt & { bake: string; version: number }>({
      query: ({ household, recipe, bake, version }) => ({
        path: pathTo('bake', { household, recipe, bake }),
        method: 'DELETE',
        headers: ifVersion(version),
      }),
      invalidatesTags: ['bakes'],
    }),
    /** A kept docket never changes. */
    docket: build.query<DocketAnswer, RecipeAt & { docket: string }>({
      query: ({ household, recipe, docket }) => ({ path: pathTo('docket', { household, recipe, docket }) }),
    }),
  }),
});

export const { useBakesQuery, useDocketQuery, useRemoveBakeMutation } = bakesApi;
